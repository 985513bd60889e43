// @vitest-environment happy-dom
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import { useReading } from "../../app/reading.ts";
import ReachList from "./reach-list.tsx";
import { inReading, nameOf, reachText, unitOf } from "./value-text.ts";

afterEach(() => {
  cleanup();
  useReading.setState({ system: "metric", units: {} });
});

const searched = async (number: string) => {
  const bench = atTheBench(number);
  render(<ReachList view={bench.view} />);
  await screen.findByText(/values searched$/);
  return bench;
};
const rowOf = (name: string) =>
  [...document.querySelectorAll("tbody tr")].find((r) => r.textContent!.startsWith(name))!;

describe("the range of each value", () => {
  it("is searched for every value, with the first change and the first failure after it", async () => {
    const { api, view } = await searched("XV-3052");
    const key = view.selected!.candidate.key;
    const values = await api.movable(key);
    expect(document.querySelectorAll("tbody tr")).toHaveLength(values.length);
    const maximum = values.find((v) => v.path.endsWith("upstreamBarG") && v.caseName === "maximum")!;
    const point = (await api.breaking(key, maximum.path))!;
    const text = rowOf("maximum, upstream").textContent!;
    expect(text).toContain(point.up!.turns[0]!.asks);
    expect(text).toContain(reachText(point.up!.to, maximum, { system: "metric" }));
  });
  it("is never shown wider than what holds", async () => {
    const { api, view } = await searched("XV-3052");
    const key = view.selected!.candidate.key;
    for (const value of await api.movable(key)) {
      const point = (await api.breaking(key, value.path))!;
      const figure = (text: string) => Number(text.replace("−", "-").replace(/\s|\u2009/g, ""));
      for (const system of ["metric", "US"] as const) {
        if (point.up) {
          const shown = figure(reachText(point.up.to, value, { system }));
          expect(shown, value.path).toBeLessThanOrEqual(inReading(point.up.to, value, { system }) + 1e-4);
        }
        if (point.down) {
          const shown = figure(reachText(point.down.to, value, { system }));
          expect(shown, value.path).toBeGreaterThanOrEqual(
            inReading(point.down.to, value, { system }) - 1e-4,
          );
        }
      }
    }
  });
  it("is in the reader's units, the partial pressure of H₂S too", async () => {
    useReading.setState({ system: "US" });
    const { api, view } = await searched("XV-1034");
    const h2s = (await api.movable(view.selected!.candidate.key)).find((v) => v.path === "fluid.h2sKPa")!;
    expect(unitOf(h2s, { system: "US" })).toBe("psi");
    expect(inReading(h2s.value, h2s, { system: "US" })).toBeCloseTo(55 / 6.894757, 3);
    expect(rowOf("partial pressure of H₂S").textContent).toContain("psi");
    expect(document.body.textContent).not.toMatch(/bar g|kPa|°C/);
  });
  it("needs a selected candidate", () => {
    const { view } = atTheBench("XV-3052");
    render(<ReachList view={{ ...view, selected: null }} />);
    expect(screen.getByText(/Select a candidate first/)).toBeTruthy();
  });
});

describe("a movable value", () => {
  const value = {
    path: "x",
    label: "upstream",
    caseName: null,
    quantity: "pressure",
    unit: "",
    value: 10,
    assumed: false,
    least: 0,
    most: 100,
  } as const;
  it("is named with its case where it has one", () => {
    expect(nameOf(value)).toBe("upstream");
    expect(nameOf({ ...value, caseName: "maximum" })).toBe("maximum, upstream");
  });
  it("that is a plain number keeps its unit in every system", () => {
    const days = { ...value, quantity: "number", unit: "days" } as const;
    expect(unitOf(days, { system: "US" })).toBe("days");
    expect(inReading(30, days, { system: "US" })).toBe(30);
  });
  it.each([
    [93.46, "93.4"],
    [10.04, "10"],
    [1234.9, "1\u2009234"],
    [9.999, "9.99"],
  ])("reaching up to %s reads %s", (to, text) => {
    expect(reachText(to, { ...value, value: 1 }, { system: "metric" })).toBe(text);
  });
  it.each([
    [-28.51, "−28.5"],
    [5.001, "5.01"],
    [0.0004, "0.001"],
  ])("reaching down to %s reads %s", (to, text) => {
    expect(reachText(to, { ...value, value: 50 }, { system: "metric" })).toBe(text);
  });
});
