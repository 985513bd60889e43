import { describe, expect, it } from "vitest";
import type { SuppliedDrive } from "../../equipment/drives/supplied.ts";
import type { TorqueDemand } from "../torque/demand.ts";
import { deadBandAt } from "./dead-band.ts";

/** Friction of 30 N·m at every angle in one case and 50 in the other, of which flow adds 10. */
const level = (nm: number) => Array(91).fill(nm) as number[];
const demand = {
  unknown: null,
  covering: {},
  byCase: [
    { profile: { opening: level(30) }, flow: null },
    { profile: { opening: level(50) }, flow: { opening: level(10) } },
  ],
} as unknown as TorqueDemand;
const drive = { lowest: { opening: level(200) } } as unknown as SuppliedDrive;

describe("the dead band of a stroke", () => {
  it("is the smallest step plus twice the friction over the actuator's output, by the positioner's gain", () => {
    // To turn back, friction is overcome both ways: 2 × 40 of 200 N·m, a tenth of it by a gain of ten.
    const band = deadBandAt(50, demand, drive, 0.5, { positionerGain: 10 })!;
    expect(band.frictionShare).toBeCloseTo(0.2, 12);
    expect(band.percent).toBeCloseTo(0.5 + (2 * 20) / 10, 12);
  });
  it("is the step alone for a rigid actuator, and unknown without a demand", () => {
    expect(deadBandAt(50, demand, null, 0.5, { positionerGain: 10 })).toEqual({
      percent: 0.5,
      frictionShare: null,
    });
    const unknown = { ...demand, unknown: "the size" } as unknown as TorqueDemand;
    expect(deadBandAt(50, unknown, drive, 0.5, { positionerGain: 10 })).toBeNull();
  });
});
