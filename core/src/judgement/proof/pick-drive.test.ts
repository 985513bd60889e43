import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoProof, demoShelf } from "../../../test/demo.ts";
import { defaultHouseRules } from "../../basis/house/house-rules.ts";
import { type SuppliedDrive, suppliedDrive } from "../../equipment/drives/supplied.ts";
import { torqueDemand } from "../../mechanics/torque/demand.ts";
import { driveLimits, padLimitNm } from "../rules/drive/limits.ts";
import { drivesActing, pickDrive } from "./pick-drive.ts";

const house = defaultHouseRules();
const proof = demoProof("XV-3052");
const settled = proof.duty;
const pneumatic = demoShelf.families
  .filter(({ supply }) => supply === "pneumatic")
  .flatMap(({ drives }) => drives)
  .map((drive) => suppliedDrive(drive, settled));
const valves = [...new Set(proof.candidates.map(({ valve }) => valve))].slice(0, 400);

/** Grades one actuator in full, without the early exits of the code under test. */
function grade(drive: SuppliedDrive, valve: (typeof valves)[number]) {
  const demand = torqueDemand(valve, settled, house);
  const { needsNm, givesNm, mostNm, peakNm } = driveLimits(drive, demand);
  const [stem, pad] = [valve.size.maximumStemTorqueNm, padLimitNm(valve.size.pad)];
  const missed = (value: number, limit: number) => (value > limit && value > 0 ? 1 - limit / value : 0);
  const shortfall =
    missed(peakNm, stem) + missed(Math.max(peakNm, mostNm!), pad) + missed(needsNm!, givesNm!);
  const spare = givesNm! / needsNm! - 1;
  return { shortfall, holds: shortfall === 0 && spare >= house.torqueMargin / 100 };
}

describe("the actuator of a valve", () => {
  it("is the first that holds, else the first that is tight, else the one that misses least", () => {
    const choice = fc.record({
      valve: fc
        .tuple(fc.constantFrom(...valves), fc.double({ min: 0.1, max: 2, noNaN: true }))
        // Stems of the demonstration are as strong as their pads; others are not.
        .map(([valve, share]) => {
          const maximumStemTorqueNm = share * padLimitNm(valve.size.pad);
          return { ...valve, size: { ...valve.size, maximumStemTorqueNm } };
        }),
      drives: fc.uniqueArray(fc.constantFrom(...pneumatic), { minLength: 1, maxLength: 12 }),
    });
    fc.assert(
      fc.property(choice, ({ valve, drives }) => {
        const demand = torqueDemand(valve, settled, house);
        const picked = pickDrive(drives, valve, demand, house);
        const grades = drives.map((drive) => grade(drive, valve));
        const least = Math.min(...grades.map(({ shortfall }) => shortfall));
        const first =
          grades.findIndex(({ holds }) => holds) >= 0
            ? grades.findIndex(({ holds }) => holds)
            : grades.findIndex(({ shortfall }) => shortfall <= least + 1e-9);
        expect(drives.indexOf(picked)).toBe(first);
      }),
      { numRuns: 400 },
    );
  });
  it("is picked among those with the fail action asked for, among all where none has it", () => {
    const drives = pneumatic.map(({ drive }) => drive);
    for (const action of ["closes", "opens"] as const) {
      const acting = drivesActing(drives, action);
      expect(acting.length).toBeGreaterThan(0);
      expect(acting.length).toBeLessThan(drives.length);
      expect(acting.every(({ onSupplyLoss }) => onSupplyLoss === action)).toBe(true);
    }
    expect(drivesActing(drives, null).every(({ onSupplyLoss }) => onSupplyLoss === "stays")).toBe(true);
    const closing = drivesActing(drives, "closes");
    expect(drivesActing(closing, "opens")).toEqual(closing);
  });
});
