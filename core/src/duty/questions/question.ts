import type { HouseRules } from "../../house/house-rules.ts";
import type { Duty } from "../duty.ts";

/** What is used while the duty does not say: words, a figure in the core's units, or both. */
export interface Assumption {
  readonly words: string;
  readonly value: number | null;
  readonly unit: "bar g" | "°C" | "days" | "";
}

/** A gap an order feels. */
export interface Question {
  /** Path of the field in the duty. */
  readonly field: string;
  readonly label: string;
  readonly why: string;
  readonly isMissing: (duty: Duty) => boolean;
  /** What is used meanwhile; null where nothing may be assumed. */
  readonly assumption: (house: HouseRules) => Assumption | null;
  /** What else it could be: proving with each shows how much hangs on it. */
  readonly alternatives?: (duty: Duty) => Duty[];
}

/**
 * An assumption that is no figure.
 *
 * @param words what is used meanwhile
 * @returns the assumption
 * @throws never
 * @source none: a change of shape only
 * @example worded("both ways").value // → null
 */
export const worded = (words: string): Assumption => ({ words, value: null, unit: "" });

/**
 * An assumption that is a figure.
 *
 * @param value in the core's units
 * @param unit unit of the figure
 * @param words what it means, where the figure alone does not say
 * @returns the assumption
 * @throws never
 * @source none: a change of shape only
 * @example figured(4, "bar g").unit // → "bar g"
 */
export const figured = (value: number, unit: Assumption["unit"], words = ""): Assumption => ({
  words,
  value,
  unit,
});
