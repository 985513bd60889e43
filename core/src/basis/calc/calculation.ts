import type { z } from "zod";

/** A calculation that cannot be done, with a code programs can read and a sentence people can. */
export class CalculationError extends Error {
  readonly code: string;
  readonly field: string | undefined;
  constructor(code: string, message: string, field?: string) {
    super(message);
    this.name = "CalculationError";
    this.code = code;
    this.field = field;
  }
}

/** One entry of the calculation contract. */
export interface Calculation<Input = unknown, Result = unknown> {
  readonly name: string;
  readonly title: string;
  /** Standard and clause, or derivation. */
  readonly source: string;
  /** Built on demand, so that code that only computes does not carry the validator. */
  schema(): z.ZodType<Input>;
  compute(input: Input): Result;
}

/**
 * Declares a calculation of the contract; it only links the types.
 *
 * @param definition name, title, source, input schema and the function
 * @returns the same definition
 */
export function calculation<Input, Result>(
  definition: Calculation<Input, Result>,
): Calculation<Input, Result> {
  return definition;
}
