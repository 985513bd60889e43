/** A gearbox is a stage on a stage: it makes of a wheel's torque more torque and more turns. */
import { z } from "zod";
import { type Profile, scaled } from "../../basis/stroke/profile.ts";
import { turnedByHand } from "./by-hand.ts";
import type { AnyFamily, AnySize, Drive } from "./kind.ts";
import { positive } from "./shared-schema.ts";

export const gearDimensions = {
  gearRatio: z.number().min(1),
  gearEfficiency: z.number().positive().max(1),
  wheelDiameterMm: positive,
  ratedTorqueNm: positive,
};
export const gearColumns = ["gear_ratio", "gear_efficiency", "wheel_diameter_mm", "rated_torque_nm"];

interface Gear {
  readonly gearRatio: number;
  readonly gearEfficiency: number;
  readonly wheelDiameterMm: number;
  readonly ratedTorqueNm: number;
}

/** A profile that never exceeds a limit, N·m. */
const lesser = ({ opening, closing }: Profile, limitNm: number): Profile => ({
  opening: opening.map((nm) => Math.min(nm, limitNm)),
  closing: closing.map((nm) => Math.min(nm, limitNm)),
});

/**
 * A handwheel with a gearbox on it.
 *
 * @param family its family
 * @param size ratio, efficiency, wheel in mm, rated output in N·m
 * @param turns of the wheel for a stroke; null where the valve's stem says
 * @returns the actuator: its output counts up to the gearbox rating only, its highest possible output counts in full
 * @source work in times efficiency is work out
 */
export function geared(family: AnyFamily, size: AnySize & Gear, turns: number | null): Drive {
  const wheel = turnedByHand(family, size, size.wheelDiameterMm / 2 / 1000);
  const by = size.gearRatio * size.gearEfficiency;
  return {
    ...wheel,
    wheelTurns: turns,
    ratedTorqueNm: size.ratedTorqueNm,
    outputAt: (supplies, end) =>
      lesser(
        scaled(wheel.outputAt(supplies, end), by),
        end === "lowest" ? size.ratedTorqueNm : Number.POSITIVE_INFINITY,
      ),
  };
}
