import { z } from "zod";
import { pads } from "../reference/pads.ts";
import { CalculationError, calculation } from "./calculation.ts";

/**
 * Smallest ISO 5211 mounting pad that carries a torque.
 *
 * @param input `requiredTorqueNm`, N·m above 0: the larger of demand × factor and the drive's peak output at
 *   maximum supply
 * @returns `flange` and its `maximumTorqueNm`; equality passes
 * @throws CalculationError `torque-above-largest-flange`
 * @source ISO 5211 maximum flange torques (indicative)
 * @example mounting({ requiredTorqueNm: 125 }) // → {"flange":"F05","maximumTorqueNm":125}
 */
export function mounting({ requiredTorqueNm }: { requiredTorqueNm: number }): {
  flange: string;
  maximumTorqueNm: number;
} {
  const pad = pads.find((p) => requiredTorqueNm <= p.maximumTorqueNm);
  if (!pad) {
    throw new CalculationError(
      "torque-above-largest-flange",
      `No ISO 5211 flange carries ${requiredTorqueNm} N·m. The largest flange, ${pads.at(-1)!.flange}, carries ${pads.at(-1)!.maximumTorqueNm} N·m.`,
      "requiredTorqueNm",
    );
  }
  return { flange: pad.flange, maximumTorqueNm: pad.maximumTorqueNm };
}

export const mountingCalculation = calculation({
  name: "mounting",
  title: "ISO 5211 mounting pad",
  source: "ISO 5211 (indicative)",
  schema: () => z.strictObject({ requiredTorqueNm: z.number().positive().max(1e9) }),
  compute: mounting,
});
