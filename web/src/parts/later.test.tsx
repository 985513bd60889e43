// @vitest-environment happy-dom
import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import type { ComponentType } from "react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { later } from "./later.tsx";

afterEach(cleanup);
const found = {
  default: (({ name }: { name: string }) => <p>part {name}</p>) as ComponentType<{ name: string }>,
};

describe("a part loaded on demand", () => {
  it("arrives, and is ready the next time", async () => {
    const load = vi.fn(async () => found);
    const Part = later(load);
    render(<Part name="one" />);
    expect(screen.getByText("Loading …")).toBeTruthy();
    expect(await screen.findByText("part one")).toBeTruthy();
    cleanup();
    render(<Part name="two" />);
    expect(screen.getByText("part two")).toBeTruthy();
    expect(load).toHaveBeenCalledOnce();
  });
  it("reports a failed load, and is tried again by hand", async () => {
    const load = vi.fn(async () => found).mockRejectedValueOnce(new TypeError("no network"));
    const Part = later(load);
    render(<Part name="one" />);
    fireEvent.click(await screen.findByRole("button", { name: "Try again" }));
    expect(await screen.findByText("part one")).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(2);
  });
  it("is tried again by itself when the connection is back", async () => {
    const load = vi.fn(async () => found).mockRejectedValueOnce(new TypeError("no network"));
    const Part = later(load);
    render(<Part name="one" />);
    await screen.findByRole("alert");
    await act(async () => void window.dispatchEvent(new Event("online")));
    expect(await screen.findByText("part one")).toBeTruthy();
  });
});
