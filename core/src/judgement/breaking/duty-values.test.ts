import { describe, expect, it } from "vitest";
import { dutyWith, shelfWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { settle } from "../../duty/settling/settle.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { dutyValues } from "./duty-values.ts";

const house = defaultHouseRules();
const [valve] = shelfWith().valvesFor(50);
const valuesOf = (duty: Duty) => dutyValues(duty, settle(duty, house), valve!);
const named = (duty: Duty, path: string) => valuesOf(duty).find((v) => v.path === path)!;

describe("movable values", () => {
  it("come in the order cases, supply and surroundings, fluid", () => {
    const paths = valuesOf(dutyWith({ fluid: { chloridesMgL: 10, h2sKPa: 1 } })).map((v) => v.path);
    expect(paths.slice(0, 3)).toEqual([
      "cases.c1.upstreamBarG",
      "cases.c1.downstreamBarG",
      "cases.c1.temperatureC",
    ]);
    expect(paths.slice(-3)).toEqual(["fluid.h2sKPa", "fluid.chloridesMgL", "fluid.solidsPercent"]);
    expect(new Set(paths).size).toBe(paths.length);
  });
  it("exclude blanks that are not assumed, and mark assumed ones", () => {
    const duty = {
      ...dutyWith({ cases: [{ temperatureC: null }] }),
      airMinimumBarG: null,
      lineTestBarG: null,
    };
    const values = valuesOf(duty);
    expect(values.some((v) => v.path === "cases.c1.temperatureC")).toBe(false);
    expect(values.some((v) => v.path === "lineTestBarG")).toBe(false);
    expect(values.find((v) => v.path === "airMinimumBarG")).toMatchObject({
      assumed: true,
      value: house.assumedAirMinimumBarG,
    });
  });
  it("exclude a fire case, which another rule judges", () => {
    expect(valuesOf(dutyWith({ cases: [{ kind: "fire" }] })).some((v) => v.path.startsWith("cases."))).toBe(
      false,
    );
  });
  it("change alone: everything else of the duty stays", () => {
    const duty = dutyWith({ cases: [{}, {}], fluid: { solidsPercent: 2 } });
    for (const value of valuesOf(duty)) {
      const moved = value.at(duty, value.value === 7 ? 6 : 7);
      const changed = JSON.stringify(moved) !== JSON.stringify(duty);
      expect(changed, value.path).toBe(true);
      const back = value.at(moved, value.value);
      // An assumed value is stated once it has moved; everything else is unchanged.
      if (!value.assumed) expect(back, value.path).toEqual(duty);
    }
  });
  it("lie inside the range of the search", () => {
    for (const value of valuesOf(dutyWith({ cases: [{ upstreamBarG: 900, temperatureC: 700 }] }))) {
      expect(value.least, value.path).toBeLessThanOrEqual(value.value);
      expect(value.most, value.path).toBeGreaterThanOrEqual(value.value);
    }
  });
  it("keep the driving side the higher one", () => {
    const forward = dutyWith({ cases: [{ upstreamBarG: 10, downstreamBarG: 4 }] });
    expect(named(forward, "cases.c1.upstreamBarG").least).toBe(4);
    expect(named(forward, "cases.c1.downstreamBarG").most).toBe(10);
    const reverse = dutyWith({ cases: [{ flow: "reverse", upstreamBarG: 4, downstreamBarG: 10 }] });
    expect(named(reverse, "cases.c1.downstreamBarG").least).toBe(4);
    expect(named(reverse, "cases.c1.upstreamBarG").most).toBe(10);
  });
  it("keep lowest and highest apart", () => {
    const duty = dutyWith({
      airMinimumBarG: 5,
      airMaximumBarG: 7,
      ambientMinimumC: -10,
      ambientMaximumC: 30,
    });
    expect(named(duty, "airMinimumBarG").most).toBe(7);
    expect(named(duty, "airMaximumBarG").least).toBe(5);
    expect(named(duty, "ambientMinimumC").most).toBe(30);
    expect(named(duty, "ambientMaximumC").least).toBe(-10);
  });
  it("fix the other end of an assumed supply, so that it does not move along", () => {
    const duty = { ...dutyWith(), airMinimumBarG: null, airMaximumBarG: null };
    const moved = named(duty, "airMinimumBarG").at(duty, 1);
    expect(moved).toMatchObject({ airMinimumBarG: 1, airMaximumBarG: house.assumedAirMaximumBarG });
  });
  it("are tried where the valve's limits bend", () => {
    const knots = named(dutyWith(), "cases.c1.temperatureC").knots;
    expect(knots).toContain(valve!.seat.material.excursionMaximumC);
    expect(knots).toContain(valve!.grade.maximumC);
    for (const bend of valve!.ratingCurve.temperatureC) expect(knots).toContain(bend);
  });
});
