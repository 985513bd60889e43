import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";

/** A lever, or a gearbox with a handwheel. */
export interface ManualEffortInput {
  torqueNm: number;
  leverLengthMm?: number | undefined;
  gearRatio?: number | undefined;
  gearEfficiency?: number | undefined;
  wheelDiameterMm?: number | undefined;
}

export interface ManualEffort {
  /** At the end of the lever, or at the rim of the wheel. */
  forceN: number;
  /** Of the lever or the wheel for a quarter turn of the valve. */
  turns: number;
}

/**
 * Force of a hand that turns a valve, by a lever or by a geared handwheel.
 *
 * @param input torque at the stem, N·m; lever length, mm; or ratio, efficiency 0–1 and wheel diameter, mm
 * @returns force at the lever's end or the wheel's rim, N, and turns for a quarter
 * @throws CalculationError `no-lever-or-gear` where neither is given whole, `lever-and-gear` where both are
 * @source statics of a lever, and of a gear
 * @example manualEffort({ torqueNm: 100, leverLengthMm: 500 }).forceN // → 200
 */
export function manualEffort(input: ManualEffortInput): ManualEffort {
  const { torqueNm, leverLengthMm, gearRatio, gearEfficiency, wheelDiameterMm } = input;
  const geared = [gearRatio, gearEfficiency, wheelDiameterMm].filter((value) => value !== undefined).length;
  if (leverLengthMm !== undefined && geared > 0)
    throw new CalculationError("lever-and-gear", "State a lever or a gear, not both.", "leverLengthMm");
  if (leverLengthMm !== undefined) return { forceN: torqueNm / (leverLengthMm / 1000), turns: 0.25 };
  if (gearRatio === undefined || gearEfficiency === undefined || wheelDiameterMm === undefined)
    throw new CalculationError(
      "no-lever-or-gear",
      "State leverLengthMm, or gearRatio, gearEfficiency and wheelDiameterMm together.",
      geared === 0 ? "leverLengthMm" : "gearRatio",
    );
  const wheelNm = torqueNm / (gearRatio * gearEfficiency);
  return { forceN: wheelNm / (wheelDiameterMm / 2 / 1000), turns: gearRatio / 4 };
}

export const manualEffortCalculation = calculation({
  name: "manual-effort",
  title: "Hand force on a lever or handwheel",
  source: "Statics of a lever and of a gear",
  schema: () =>
    z.strictObject({
      torqueNm: z.number().min(0).max(1e7),
      leverLengthMm: z.number().positive().max(5000).optional(),
      gearRatio: z.number().positive().max(10000).optional(),
      gearEfficiency: z.number().positive().max(1).optional(),
      wheelDiameterMm: z.number().positive().max(5000).optional(),
    }),
  compute: manualEffort,
});
