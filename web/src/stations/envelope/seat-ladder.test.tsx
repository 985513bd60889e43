// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import { useBench } from "../../bench/bench-store.ts";
import { casePoints } from "./case-points.ts";
import SeatLadder from "./seat-ladder.tsx";

afterEach(cleanup);
const ballOf = (number: string) => {
  const bench = atTheBench(number);
  const key = bench.view.rows.find((r) => r.valve.constructionId === "trunnion-side-entry")!.key;
  return { ...bench, view: bench.prove(key) };
};

describe("the ladder of seats", () => {
  it("lists the seats from the coolest up, each with its torque", async () => {
    const { view, api } = ballOf("XV-3052");
    render(<SeatLadder view={view} />);
    await screen.findByRole("table");
    const steps = await api.seats(view.selected!.candidate.key);
    const rows = [...document.querySelectorAll("tbody tr")];
    expect(rows).toHaveLength(steps.length);
    expect(steps.length).toBeGreaterThan(3);
    const stays = steps.map((s) => s.continuousMaximumC);
    expect(stays).toEqual([...stays].sort((a, b) => a - b));
    for (const [i, row] of rows.entries()) expect(row.textContent).toContain(steps[i]!.seat);
  });
  it("selects another seat", async () => {
    const { view } = ballOf("XV-3052");
    render(<SeatLadder view={view} />);
    await screen.findByRole("table");
    useBench.setState({ selected: null });
    const other = [...document.querySelectorAll("tbody tr")].find((row) => row.querySelector("button"))!;
    fireEvent.click(other.querySelector("button")!);
    expect(useBench.getState().selected).not.toBeNull();
  });
  it("has no steps for a valve by construction", async () => {
    const { prove, api } = atTheBench("XV-3017");
    const unoffered = api
      .constructions()
      .filter((c) => c.standing === 0)
      .map((c) => api.byConstruction(c.id))
      .find((found) => found?.stands)!;
    render(<SeatLadder view={prove(unoffered.key)} />);
    expect(await screen.findByText(/any seat is possible/)).toBeTruthy();
  });
});

describe("cases on the envelope", () => {
  it("are at their place in the reader's units, without those that lack a value", () => {
    const { view, duty } = atTheBench("XV-3052");
    const { envelope } = view.selected!;
    const cases = [...duty.cases, { ...duty.cases[0]!, id: "blank", name: "blank", temperatureC: null }];
    const points = casePoints(
      cases,
      envelope,
      {},
      { system: "US" },
      (c) => c * 1.8 + 32,
      (bar) => bar * 14.5038,
    );
    expect(points.map((p) => p.id)).toEqual(duty.cases.map((c) => c.id));
    expect(points[0]!.temperature).toBeCloseTo(duty.cases[0]!.temperatureC! * 1.8 + 32, 6);
  });
});
