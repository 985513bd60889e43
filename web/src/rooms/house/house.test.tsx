// @vitest-environment happy-dom
import type { HouseRuleVersion } from "@proven-seat/contract";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { answering, inTheShell, problem } from "../../../test/answers.tsx";
import { ruleFault } from "./rule-fault.ts";
import { RuleRow } from "./rule-row.tsx";
import { Versions } from "./versions.tsx";

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("a house rule", () => {
  const row = (id: "pressureMargin" | "sizingBasis", typed?: string) => {
    const change = vi.fn();
    const value = defaultHouseRules()[id];
    render(
      <RuleRow
        id={id}
        value={value}
        inForce={value}
        typed={typed}
        fault={typed === undefined ? undefined : ruleFault(id, typed)}
        onChange={change}
      />,
    );
    return change;
  };
  it("shows label, reason, range and default beside its value", () => {
    row("pressureMargin");
    expect(screen.getByLabelText<HTMLInputElement>("Pressure margin").value).toBe("10");
    expect(document.querySelector("li")!.textContent).toMatch(/0 … 50 %; default 10/);
  });
  it("reports the fault in a typed value, and keeps it", () => {
    row("pressureMargin", "60");
    expect(screen.getByLabelText<HTMLInputElement>("Pressure margin").value).toBe("60");
    expect(screen.getByRole("alert").textContent).toMatch(/From 0 to 50 %/);
    expect(document.querySelector("li")!.textContent).toContain("in force 10");
  });
  it("offers its options", () => {
    const change = row("sizingBasis");
    const pick = screen.getByLabelText<HTMLSelectElement>("Differential for sizing");
    expect([...pick.options].map((o) => o.value)).toEqual(["actual", "rated"]);
    fireEvent.change(pick, { target: { value: "rated" } });
    expect(change).toHaveBeenCalledWith("rated");
  });
  it.each([
    ["pressureMargin", "12,5", undefined],
    ["pressureMargin", "", /a number/],
    ["pressureMargin", "ten", /a number/],
    ["pressureMargin", "-1", /From 0/],
    ["sizingBasis", "rated", undefined],
  ] as const)("%s typed as %j", (id, typed, fault) => {
    if (fault === undefined) expect(ruleFault(id, typed)).toBeUndefined();
    else expect(ruleFault(id, typed)).toMatch(fault);
  });
});

describe("versions of the house rules", () => {
  const version = (n: number, change: object = {}): HouseRuleVersion => ({
    version: n,
    values: { ...defaultHouseRules(), ...change },
    broughtIn: false,
    reason: `reason ${n}`,
    createdAt: "2026-01-01T10:00:00.000Z",
    createdBy: "engineer",
  });
  const list = [
    version(3, { serviceFactor: 1.3, pressureMargin: 15 }),
    version(2, { serviceFactor: 1.3 }),
    version(1),
  ];
  const drawn = () => {
    answering({ "/versions": list });
    const takeUp = vi.fn();
    inTheShell(<Versions onTakeUp={takeUp} />);
    return takeUp;
  };
  const open = async (n: number) => fireEvent.click(await screen.findByText(`v${n}`));
  it("differ from the one before, value by value", async () => {
    drawn();
    await open(3);
    expect(screen.getByText("Pressure margin").nextSibling!.textContent).toBe("10 → 15");
    expect(screen.queryByText("Service factor")).toBeNull();
  });
  it("differ from any other that is selected", async () => {
    drawn();
    await open(3);
    fireEvent.change(screen.getByLabelText(/^against/), { target: { value: "1" } });
    expect(screen.getByText("Service factor").nextSibling!.textContent).toBe("1.2 → 1.3");
    expect(screen.getByText("Pressure margin")).toBeTruthy();
  });
  it("can be taken up again, except the one in force", async () => {
    const takeUp = drawn();
    await open(3);
    expect(screen.queryByText("use these values again")).toBeNull();
    await open(1);
    fireEvent.click(screen.getByText("use these values again"));
    expect(takeUp).toHaveBeenCalledWith(list[2]);
  });
  it("show who put them in force, and what failed when they cannot be read", async () => {
    drawn();
    await open(2);
    expect(screen.getByText(/put in force by engineer/)).toBeTruthy();
    cleanup();
    answering({ "/versions": problem(503, "The database cannot be reached.") });
    inTheShell(<Versions onTakeUp={() => undefined} />);
    expect(await screen.findByText("The database cannot be reached.")).toBeTruthy();
  });
});
