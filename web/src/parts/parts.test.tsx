// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { useReading } from "../app/reading.ts";
import { BoreMark } from "./bore-mark.tsx";
import { QuantityField } from "./quantity-field.tsx";

afterEach(() => {
  cleanup();
  useReading.setState({ system: "metric", absolute: false });
});

describe("bore mark", () => {
  it.each([
    ["holds", "0"],
    ["tight", "45"],
    ["fails", "90"],
  ] as const)("turns the bore of %s to %s°", (verdict, turn) => {
    const { container } = render(<BoreMark verdict={verdict} />);
    expect(container.querySelector<SVGRectElement>(".bore")!.style.transform).toBe(`rotate(${turn}deg)`);
  });
  it("has no bore for cannot tell and not asked, and says so in words", () => {
    const { container } = render(<BoreMark verdict="cannot tell" />);
    expect(container.querySelector(".bore")).toBeNull();
    expect(screen.getByRole("img", { name: "cannot tell" })).toBeTruthy();
  });
});

describe("quantity field", () => {
  const shown = (value: number | null, unreadable?: string) => {
    const onValue = vi.fn();
    const onUnreadable = vi.fn();
    render(
      <QuantityField
        label="upstream"
        quantity="pressure"
        value={value}
        unreadable={unreadable}
        error={undefined}
        onValue={onValue}
        onUnreadable={onUnreadable}
      />,
    );
    return { field: screen.getByRole<HTMLInputElement>("textbox"), onValue, onUnreadable };
  };
  it("shows few digits at rest and all of them while edited", () => {
    const { field } = shown(51.7106798);
    expect(field.value).toBe("51.7");
    fireEvent.focus(field);
    expect(field.value).toBe("51.7106798");
    fireEvent.blur(field);
    expect(field.value).toBe("51.7");
  });
  it("reads another unit, a blank, and passes on what it cannot read", () => {
    const { field, onValue, onUnreadable } = shown(null);
    fireEvent.change(field, { target: { value: "750 psi" } });
    expect(onValue.mock.lastCall![0]).toBeCloseTo(51.7107, 3);
    fireEvent.change(field, { target: { value: "" } });
    expect(onValue.mock.lastCall![0]).toBeNull();
    fireEvent.change(field, { target: { value: "twelve" } });
    expect(onUnreadable).toHaveBeenLastCalledWith("twelve");
  });
  it("keeps an unreadable text and says why", () => {
    const { field } = shown(5, "twelve");
    expect(field.value).toBe("twelve");
    expect(field.getAttribute("aria-invalid")).toBe("true");
    expect(field.title).toContain("not a number");
  });
  it("uses the reader's unit", () => {
    useReading.setState({ system: "US", absolute: true });
    const { field } = shown(0);
    expect(field.getAttribute("aria-label")).toBe("upstream, psi a");
    expect(field.value).toBe("14.7");
  });
});
