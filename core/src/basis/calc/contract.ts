import { z } from "zod";
import { actuatorMarginCalculation } from "./actuator-margin.ts";
import { boltTighteningCalculation } from "./bolt-tightening.ts";
import { butterflyTorqueCalculation } from "./butterfly-torque.ts";
import { type Calculation, CalculationError } from "./calculation.ts";
import { cavityRiseCalculation } from "./cavity-rise.ts";
import { floatingBallTorqueCalculation } from "./floating-ball-torque.ts";
import { gasCompressibilityCalculation } from "./gas-compressibility.ts";
import { gasFlowCalculation } from "./gas-flow.ts";
import { gasNoiseCalculation } from "./gas-noise.ts";
import { jointBoltingCalculation } from "./joint-bolting.ts";
import { leakAllowanceCalculation } from "./leak-allowance.ts";
import { liquidFlowCalculation } from "./liquid-flow.ts";
import { liquidNoiseCalculation } from "./liquid-noise.ts";
import { manualEffortCalculation } from "./manual-effort.ts";
import { mountingCalculation } from "./mounting.ts";
import { openingCalculation } from "./opening.ts";
import { rackAndPinionOutputCalculation } from "./rack-and-pinion-output.ts";
import { ratingCalculation } from "./rating.ts";
import { scotchYokeOutputCalculation } from "./scotch-yoke-output.ts";
import { seatLimitCalculation } from "./seat-limit.ts";
import { seatReliefCalculation } from "./seat-relief.ts";
import { seatStackCalculation } from "./seat-stack.ts";
import { stallProbabilityCalculation } from "./stall-probability.ts";
import { steamPropertiesCalculation } from "./steam-properties.ts";
import { trunnionBallTorqueCalculation } from "./trunnion-ball-torque.ts";
import { vapourPressureCalculation } from "./vapour-pressure.ts";

/** The calculation contract, as the command, the server and the browser offer it. */
export const calculations: readonly Calculation[] = [
  ratingCalculation,
  seatLimitCalculation,
  floatingBallTorqueCalculation,
  trunnionBallTorqueCalculation,
  butterflyTorqueCalculation,
  rackAndPinionOutputCalculation,
  scotchYokeOutputCalculation,
  manualEffortCalculation,
  actuatorMarginCalculation,
  stallProbabilityCalculation,
  mountingCalculation,
  boltTighteningCalculation,
  jointBoltingCalculation,
  seatReliefCalculation,
  cavityRiseCalculation,
  gasCompressibilityCalculation,
  vapourPressureCalculation,
  openingCalculation,
  liquidFlowCalculation,
  gasFlowCalculation,
  steamPropertiesCalculation,
  liquidNoiseCalculation,
  gasNoiseCalculation,
  leakAllowanceCalculation,
  seatStackCalculation,
];

export type Failure = { error: { code: string; message: string; field?: string } };

const schemas = new Map<string, z.ZodType>();

function schemaOf(calculation: Calculation): z.ZodType {
  let schema = schemas.get(calculation.name);
  if (!schema) {
    schema = calculation.schema();
    schemas.set(calculation.name, schema);
  }
  return schema;
}

/**
 * A calculation of the contract by name.
 *
 * @param name for example "rating"
 * @returns the calculation, or undefined when there is none of that name
 * @source calculation contract
 * @example calculationNamed("mounting").name // → "mounting"
 */
export function calculationNamed(name: string): Calculation | undefined {
  return calculations.find((calculation) => calculation.name === name);
}

/**
 * JSON Schema of a calculation's input.
 *
 * @param calculation from the contract
 * @returns JSON Schema, draft 2020-12
 * @source generated from the same Zod schema that checks the input
 * @example inputJsonSchema(calculationNamed("mounting")).type // → "object"
 */
export function inputJsonSchema(calculation: Calculation): Record<string, unknown> {
  return z.toJSONSchema(schemaOf(calculation)) as Record<string, unknown>;
}

/**
 * The first thing wrong with an input, as a failure with the field's path.
 *
 * @param error from Zod
 * @returns failure `invalid-input` with a sentence and the path of the field
 * @source calculation contract
 */
function invalidInput(error: z.ZodError): Failure {
  const issue = error.issues[0]!;
  const path = [...issue.path, ...(issue.code === "unrecognized_keys" ? issue.keys.slice(0, 1) : [])].join(
    ".",
  );
  return { error: { code: "invalid-input", message: issue.message, ...(path ? { field: path } : {}) } };
}

/**
 * Checks one input and computes it.
 *
 * @param calculation from the contract
 * @param input anything; its shape, units and ranges are those of the calculation's schema
 * @returns the result, or `{ error }` with code, message and field
 * @throws only on a defect of the program
 * @source calculation contract
 * @example calculate(calculationNamed("mounting"), { requiredTorqueNm: 1 }).flange // → "F03"
 */
export function calculate(calculation: Calculation, input: unknown): unknown {
  const parsed = schemaOf(calculation).safeParse(input);
  if (!parsed.success) return invalidInput(parsed.error);
  try {
    return calculation.compute(parsed.data);
  } catch (error) {
    if (!(error instanceof CalculationError)) throw error;
    const { code, message, field } = error;
    return { error: { code, message, ...(field ? { field } : {}) } };
  }
}

/**
 * Whether a result of `calculate` is a failure.
 *
 * @param result from `calculate`
 * @returns true when the item could not be computed
 * @source calculation contract
 * @example isFailure({ error: { code: "x", message: "y" } }) // → true
 */
export function isFailure(result: unknown): result is Failure {
  return typeof result === "object" && result !== null && "error" in result;
}
