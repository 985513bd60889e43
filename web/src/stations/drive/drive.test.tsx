// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import { useBench } from "../../bench/bench-store.ts";
import Air from "./air.tsx";
import Kinds from "./kinds.tsx";
import Stall from "./stall.tsx";
import SupplySteps from "./supply-ladder.tsx";

afterEach(cleanup);
const rows = (table: HTMLElement) => within(table).getAllByRole("row").slice(1);

describe("the ladder of supplies", () => {
  it("has a row for each pressure, the duty's own marked, and selects the actuator that would suit", async () => {
    const { view, api } = atTheBench("XV-1044");
    const { steps, givesUpBarG } = (await api.supplies(view.selected!.candidate.key))!;
    render(<SupplySteps view={view} />);
    const table = await screen.findByRole("table", { name: /Lowest air supply/ });
    expect(rows(table)).toHaveLength(steps.length);
    expect(rows(table).filter((row) => row.getAttribute("aria-current") === "true")).toHaveLength(1);
    expect(screen.getByText(new RegExp(`fails at ${givesUpBarG} bar`))).toBeTruthy();
    const other = steps.findIndex((s) => s.priceStep < 0 && s.verdict === "holds");
    fireEvent.click(within(rows(table)[other]!).getByRole("button"));
    expect(useBench.getState().selected).toBe(steps[other]!.key);
  });
  it("reports that no pressure turns a manual operator", async () => {
    render(<SupplySteps view={atTheBench("HV-1012").view} />);
    expect(await screen.findByText(/not pneumatic or hydraulic/)).toBeTruthy();
  });
});

describe("kinds of operator", () => {
  it("are side by side, the selected one marked, with what each cannot do", async () => {
    const { view, api } = atTheBench("XV-1004");
    const found = api.kinds(view.selected!.candidate.key);
    render(<Kinds view={view} />);
    const table = await screen.findByRole("table", { name: /Kinds of operator/ });
    expect(rows(table)).toHaveLength(found.length);
    const current = rows(table).filter((row) => row.getAttribute("aria-current") === "true");
    expect(current).toHaveLength(1);
    expect(current[0]!.textContent).toContain("rack-and-pinion, spring RP");
    const motor = rows(table).find((row) => row.textContent!.includes("electric on-off"))!;
    expect(motor.textContent).toContain("Action on supply loss");
    expect(motor.querySelector("[data-verdict]")!.getAttribute("data-verdict")).toBe("fails");
  });
});

describe("the probability of a stall", () => {
  it("is shown with its error, and the most important inputs first", async () => {
    const { view, api } = atTheBench("XV-1048");
    const found = (await api.stall(view.selected!.candidate.key))!;
    render(<Stall view={view} />);
    expect(await screen.findByText(/% of .* trials stalled \(± /)).toBeTruthy();
    const table = screen.getByRole("table");
    expect(rows(table).map((row) => row.firstElementChild!.textContent)).toEqual(
      found.inputs.map((i) => i.what),
    );
    expect(screen.getByText(/An estimate/)).toBeTruthy();
  });
  it("is not called zero where no trial stalled", async () => {
    render(<Stall view={atTheBench("XV-1044").view} />);
    expect(await screen.findByText(/None of 100\s?000 trials stalled \(below 0.003 %\)/)).toBeTruthy();
  });
  it("needs an actuator", async () => {
    render(<Stall view={atTheBench("XV-3061").view} />);
    expect(await screen.findByText(/it needs an actuator/)).toBeTruthy();
  });
});

describe("the air of an actuator", () => {
  it("lists each air arrangement, marked where a time is asked for, and the one in use", async () => {
    const { view, api } = atTheBench("XV-1044");
    const found = (await api.air(view.selected!.candidate.key))!;
    render(<Air view={view} />);
    const ways = await screen.findByRole("table", { name: /Longest stroking time/ });
    expect(rows(ways)).toHaveLength(found.executions.length);
    const marks = rows(ways).map((row) =>
      [...row.querySelectorAll("[data-verdict]")].map((mark) => mark.getAttribute("data-verdict")),
    );
    expect(marks).toEqual(
      found.executions.map((e) => [
        e.opening! <= found.asked.opening! ? "holds" : "fails",
        e.closing! <= found.asked.closing! ? "holds" : "fails",
      ]),
    );
    const arrangements = screen.getByRole("table", { name: /Solenoid valves/ });
    const current = rows(arrangements).filter((row) => row.getAttribute("aria-current") === "true");
    expect(current.map((row) => row.firstElementChild!.textContent)).toEqual(["single"]);
  });
  it("lists accessories, what is not needed, and why other items do not fit", async () => {
    const { view, api } = atTheBench("XV-1004");
    const found = (await api.air(view.selected!.candidate.key))!;
    render(<Air view={view} />);
    const table = await screen.findByRole("table", { name: /Accessories/ });
    expect(rows(table)).toHaveLength(found.fittings.length);
    const solenoid = rows(table).find((row) => row.textContent!.startsWith("solenoid valve"))!;
    expect(solenoid.textContent).toContain("2 × Tarrowby Controls SV 5/2");
    expect(
      within(solenoid).getByText(/Osmere Flow .* has no readable explosion protection marking/),
    ).toBeTruthy();
    expect(rows(table).find((row) => row.textContent!.startsWith("volume booster"))!.textContent).toContain(
      "not needed",
    );
    expect(screen.getByText(/Accessories cost/).textContent).toContain(
      "with plant air in the spring chamber",
    );
  });
  it("draws the breathing of the springs, or both sides fed", async () => {
    render(<Air view={atTheBench("XV-1044").view} />);
    expect(await screen.findByRole("img", { name: /exhaust goes through the spring chamber/ })).toBeTruthy();
    cleanup();
    render(<Air view={atTheBench("XV-6009").view} />);
    expect(await screen.findByRole("img", { name: /both sides are supplied/ })).toBeTruthy();
  });
  it("reports that air does not drive a motor", async () => {
    render(<Air view={atTheBench("XV-6001").view} />);
    expect(await screen.findByText(/actuator is not pneumatic/)).toBeTruthy();
  });
});
