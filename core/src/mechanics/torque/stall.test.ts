import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoDuty, demoProof, demoShelf } from "../../../test/demo.ts";
import { dutyWith, shelfWith } from "../../../test/fixture.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { settle } from "../../duty/settling/settle.ts";
import { torqueDemand } from "./demand.ts";
import { stallChance } from "./stall.ts";

const house = defaultHouseRules();
const drives = demoShelf.families.flatMap((family) => family.drives);
const [valve] = shelfWith().valvesFor(50);
const chance = (drive: string, change: Parameters<typeof dutyWith>[0] = {}, seed = 7, trials = 20_000) => {
  const duty = settle(dutyWith(change), house);
  return stallChance(
    { valve: valve!, drive: drives.find((d) => d.key === drive)!, demand: torqueDemand(valve!, duty, house) },
    duty,
    house,
    { trials, seed },
  );
};
const air = (airMinimumBarG: number, airMaximumBarG = airMinimumBarG) => ({ airMinimumBarG, airMaximumBarG });

describe("the probability of a stall", () => {
  it("repeats with the same seed, and is close with another", () => {
    const weak = air(3.2, 4.6);
    const [a, b, c] = [
      chance("quillhaven-rp|RP 63|DA", weak),
      chance("quillhaven-rp|RP 63|DA", weak),
      chance("quillhaven-rp|RP 63|DA", weak, 8),
    ];
    expect(a).toEqual(b);
    expect(a!.probability).toBeGreaterThan(0.02);
    expect(a!.probability).toBeLessThan(0.98);
    expect(Math.abs(a!.probability - c!.probability)).toBeLessThan(6 * a!.standardError);
  });
  it("is zero for a far too strong actuator, and one for a far too weak one", () => {
    expect(chance("quillhaven-rp|RP 110|DA", air(5))).toMatchObject({ probability: 0, place: null });
    expect(chance("quillhaven-rp|RP 52|DA", air(0.1))).toMatchObject({ probability: 1 });
  });
  it("never grows with more air, for an actuator without springs", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (from, more) => {
          const chanceAt = (bar: number) => chance("quillhaven-rp|RP 52|DA", air(bar), 3, 2000)!.probability;
          expect(chanceAt(from + more)).toBeLessThanOrEqual(chanceAt(from));
        },
      ),
      { numRuns: 30 },
    );
  });
  it("names the place: a spring-return with little air at the end of its stroke, with weak springs on the way back", () => {
    const little = chance("quillhaven-rp|RP 92|S5|closes", air(3.6))!;
    expect(little.place!.stroke).toBe("opening");
    expect(little.place!.degrees).toBeGreaterThan(45);
  });
  it("names three inputs, the most important first", () => {
    const { inputs, asDesigned } = chance("quillhaven-rp|RP 63|S4|closes", air(4.5, 6))!;
    expect(inputs).toHaveLength(3);
    const widths = inputs.map((i) => Math.abs(i.atHigh - i.atLow));
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
    const friction = inputs.find((i) => i.what === "friction of the seat")!;
    expect(friction.atLow).toBeGreaterThan(asDesigned);
    expect(friction.atHigh).toBeLessThan(asDesigned);
  });
  it("scatters no spring in a motor, and waits for a known demand", () => {
    const motor = chance("tarrowby-el|EL 35", { operator: "electric", area: "safe" })!;
    const shutLong = chance("tarrowby-el|EL 35", {
      operator: "electric",
      area: "safe",
      longestShutDays: 99,
    })!;
    expect(shutLong.inputs.map((i) => i.what)).toEqual(["friction of the seat", "growth with time shut"]);
    expect(motor.inputs.map((i) => i.what)).toEqual(["friction of the seat"]);
    expect(chance("quillhaven-rp|RP 63|DA", { cases: [{ upstreamBarG: null }] })).toBeNull();
  });
  it("is small for the leading air actuator of every demo tag, because of the service factor", () => {
    for (const number of ["XV-3052", "XV-6020", "XV-1044"]) {
      const duty = demoDuty(number);
      const [best] = demoProof(number).candidates;
      const found = stallChance(
        { valve: best!.valve, drive: best!.drive!, demand: best!.demand },
        settle(duty, house),
        house,
        { trials: 10_000, seed: 1 },
      )!;
      expect(found.probability, number).toBeLessThan(0.2);
    }
  });
});
