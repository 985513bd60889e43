import { z } from "zod";
import { CalculationError, calculation } from "./calculation.ts";
import type { DoubleActingOutput, SpringReturnOutput } from "./rack-and-pinion-output.ts";

/** The six named points of a quarter turn both ways, in the order ties are decided. */
export const demandPoints = [
  "breakToOpenNm",
  "runToOpenNm",
  "endToOpenNm",
  "breakToCloseNm",
  "runToCloseNm",
  "endToCloseNm",
] as const;

export type DemandPoint = (typeof demandPoints)[number];
export type Demand = Record<DemandPoint, number>;
export type Action = "double-acting" | "spring-to-close" | "spring-to-open";

/** Drive output; a scotch yoke states its lowest point as run, others run at the mean. */
export type DriveOutput =
  | DoubleActingOutput
  | (SpringReturnOutput & { airRunNm?: number | undefined; springRunNm?: number | undefined });

export interface ActuatorMarginInput {
  demandNm: Demand;
  serviceFactor: number;
  action: Action;
  output: DriveOutput;
  maximumStemTorqueNm?: number | undefined;
  outputAtMaximumSupply?: DriveOutput | undefined;
}

export interface ActuatorMargin {
  ratios: Demand;
  governing: DemandPoint;
  margin: number;
  sufficient: boolean;
  peakOutputNm?: number;
  stemSafe?: boolean;
}

/**
 * Output of an actuator at the six named points of the stroke.
 *
 * @param output drive output, N·m
 * @param action which stroke the spring drives, if any
 * @returns N·m at each point; the driven stroke meets start, run and end
 * @throws CalculationError `output-does-not-fit-action` when a spring action lacks spring figures or the reverse
 * @source engineering convention of the calculation contract
 * @example outputAtPoints({ torqueNm: 10 }, "double-acting").runToCloseNm // → 10
 */
export function outputAtPoints(output: DriveOutput, action: Action): Demand {
  if ("torqueNm" in output) {
    if (action !== "double-acting") {
      throw new CalculationError(
        "output-does-not-fit-action",
        `A ${action} actuator needs air torques and spring torques.`,
        "output",
      );
    }
    const t = output.torqueNm;
    return {
      breakToOpenNm: t,
      runToOpenNm: t,
      endToOpenNm: t,
      breakToCloseNm: t,
      runToCloseNm: t,
      endToCloseNm: t,
    };
  }
  if (action === "double-acting") {
    throw new CalculationError(
      "output-does-not-fit-action",
      "A double-acting actuator has one torque and no springs.",
      "output",
    );
  }
  const airRun = output.airRunNm ?? (output.airStartNm + output.airEndNm) / 2;
  const springRun = output.springRunNm ?? (output.springStartNm + output.springEndNm) / 2;
  if (action === "spring-to-close") {
    return {
      breakToOpenNm: output.airStartNm,
      runToOpenNm: airRun,
      endToOpenNm: output.airEndNm,
      breakToCloseNm: output.springStartNm,
      runToCloseNm: springRun,
      endToCloseNm: output.springEndNm,
    };
  }
  return {
    breakToOpenNm: output.springStartNm,
    runToOpenNm: springRun,
    endToOpenNm: output.springEndNm,
    breakToCloseNm: output.airStartNm,
    runToCloseNm: airRun,
    endToCloseNm: output.airEndNm,
  };
}

/**
 * The named point of the stroke where a drive has least over a valve.
 *
 * @param offered output at each point, N·m
 * @param demand demand at each point, N·m above 0
 * @returns the point with the lowest ratio output/demand; ties go to the first named
 * @source calculation contract
 * @example weakestPoint({ breakToOpenNm: 9, runToOpenNm: 9, endToOpenNm: 9, breakToCloseNm: 9, runToCloseNm: 9, endToCloseNm: 9 }, { breakToOpenNm: 3, runToOpenNm: 2, endToOpenNm: 2, breakToCloseNm: 2, runToCloseNm: 2, endToCloseNm: 3 }) // → "breakToOpenNm"
 */
function weakestPoint(offered: Demand, demand: Demand): DemandPoint {
  let weakest: DemandPoint = "breakToOpenNm";
  let lowest = Number.POSITIVE_INFINITY;
  for (const point of demandPoints) {
    const ratio = offered[point] / demand[point];
    if (ratio < lowest) {
      weakest = point;
      lowest = ratio;
    }
  }
  return weakest;
}

/**
 * Highest torque an actuator can apply to the stem.
 *
 * @param output drive output at the supply in question, N·m
 * @returns the largest of its figures, N·m
 * @source the stem sees the peak of either stroke
 * @example peakOutputNm({ airStartNm: 9, airEndNm: 4, springStartNm: 7, springEndNm: 3 }) // → 9
 */
function peakOutputNm(output: DriveOutput): number {
  if ("torqueNm" in output) return output.torqueNm;
  return Math.max(
    output.airStartNm,
    output.airEndNm,
    output.springStartNm,
    output.springEndNm,
    output.airRunNm ?? Number.NEGATIVE_INFINITY,
    output.springRunNm ?? Number.NEGATIVE_INFINITY,
  );
}

/**
 * Margin of an actuator over a valve's demand at every named point of the stroke, and the margin of the stem.
 *
 * @param input `demandNm` six points, N·m above 0; `serviceFactor` ≥ 1 typically; `action`; `output` at minimum
 *   supply; optional `maximumStemTorqueNm` and `outputAtMaximumSupply`, which replaces `output` for the peak
 * @returns `ratios` output/demand, `governing` lowest ratio (ties to the first named), `margin`
 *   = ratio/serviceFactor − 1, `sufficient` (equality passes), and with a stem limit `peakOutputNm`, `stemSafe`
 * @throws CalculationError `demand-not-positive`, `output-does-not-fit-action`
 * @source calculation contract; service factor on demand at the weakest point
 * @example actuatorMargin({ demandNm: { breakToOpenNm: 10, runToOpenNm: 5, endToOpenNm: 5, breakToCloseNm: 5, runToCloseNm: 5, endToCloseNm: 5 }, serviceFactor: 1.2, action: "double-acting", output: { torqueNm: 12 } }).sufficient // → true
 */
export function actuatorMargin(input: ActuatorMarginInput): ActuatorMargin {
  const offered = outputAtPoints(input.output, input.action);
  const ratios = {} as Demand;
  for (const point of demandPoints) {
    const demand = input.demandNm[point];
    if (!(demand > 0)) {
      throw new CalculationError(
        "demand-not-positive",
        `The torque demand at ${point} must be above zero.`,
        `demandNm.${point}`,
      );
    }
    ratios[point] = offered[point] / demand;
  }
  const governing = weakestPoint(offered, input.demandNm);
  const lowest = ratios[governing];
  const result: ActuatorMargin = {
    ratios,
    governing,
    margin: lowest / input.serviceFactor - 1,
    sufficient: lowest >= input.serviceFactor,
  };
  if (input.maximumStemTorqueNm !== undefined) {
    result.peakOutputNm = peakOutputNm(input.outputAtMaximumSupply ?? input.output);
    result.stemSafe = result.peakOutputNm <= input.maximumStemTorqueNm;
  }
  return result;
}

const outputSchema = () => {
  const torque = () => z.number().min(-1e9).max(1e9);
  return z.union([
    z.strictObject({ torqueNm: torque() }),
    z.strictObject({
      airStartNm: torque(),
      airEndNm: torque(),
      springStartNm: torque(),
      springEndNm: torque(),
      airRunNm: torque().optional(),
      springRunNm: torque().optional(),
    }),
  ]);
};

export const actuatorMarginCalculation = calculation({
  name: "actuator-margin",
  title: "Margin of actuator torque over valve torque",
  source: "Service factor × torque demand at the weakest point of the stroke",
  schema: () => {
    // Zero and below pass the shape so that the calculation can answer with its own code.
    const point = z.number().min(-1e9).max(1e9);
    return z.strictObject({
      demandNm: z.strictObject({
        breakToOpenNm: point,
        runToOpenNm: point,
        endToOpenNm: point,
        breakToCloseNm: point,
        runToCloseNm: point,
        endToCloseNm: point,
      }),
      serviceFactor: z.number().positive().max(100),
      action: z.enum(["double-acting", "spring-to-close", "spring-to-open"]),
      output: outputSchema(),
      maximumStemTorqueNm: z.number().positive().max(1e9).optional(),
      outputAtMaximumSupply: outputSchema().optional(),
    });
  },
  compute: actuatorMargin,
});
