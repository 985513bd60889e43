import { figureText } from "../../basis/units/reading.ts";
import type { Unit } from "../../basis/units/unit.ts";
import type { Reading } from "../../basis/units/units.ts";
import type { Piece, PieceRole, Way } from "../../construction/bodies/assembly/model.ts";

/** What the bolting of an unstated joint must carry, and how it is tightened. */
export interface BoltingToFind {
  /** Diameter the gasket cannot be smaller than, mm. */
  readonly innerMm: number;
  /** Rating of the body at 38 °C, bar g. */
  readonly ratedBarG: number;
  readonly friction: number;
  /** Usual share of the proof stress. */
  readonly utilisationPercent: number;
}

export const stages = [
  "make safe",
  "mark",
  "drive off",
  "position",
  "take apart",
  "lay out and count",
  "count in and clean",
  "put together",
  "turn and test",
  "put the drive on",
] as const;
export type Stage = (typeof stages)[number];

/** Titles for a reader; the names of stages are stored in jobs. */
export const stageTitles: Readonly<Record<Stage, string>> = {
  "make safe": "Make safe",
  mark: "Mark",
  "drive off": "Remove the actuator",
  position: "Position the closing member",
  "take apart": "Disassemble",
  "lay out and count": "Lay out and count",
  "count in and clean": "Count and clean",
  "put together": "Reassemble",
  "turn and test": "Operate and test",
  "put the drive on": "Mount the actuator",
};

/** A figure beside a step's words, so that every reader has own units. */
export interface StepFigure {
  readonly what: string;
  readonly value: number | string;
  readonly unit: Unit;
}

/** A measurement, with the limits for further use. */
export interface Measure {
  readonly what: string;
  readonly unit: Unit;
  /** Null where nothing bounds it on that side. */
  readonly least: number | null;
  readonly most: number | null;
  /** Where the limits come from. */
  readonly source: string;
}

/** One step of work on a valve. */
export interface ShopStep {
  readonly stage: Stage;
  readonly does: string;
  readonly figures: readonly StepFigure[];
  /** Caution where a person may be hurt. */
  readonly cautions: readonly string[];
  /** The piece of the step, and how it comes out or goes in; null for steps without one. */
  readonly piece: {
    readonly id: string;
    readonly name: string;
    readonly role: PieceRole;
    readonly count: number;
    readonly way: Way;
  } | null;
  /** Position of the closure; null for any. */
  readonly at: "open" | "shut" | null;
  readonly look: readonly string[];
  readonly measures: readonly Measure[];
  readonly renew: "always" | "if worn" | null;
  /** What the bolting must carry, where it is not stated: the fitter types it as found. */
  readonly toFind: BoltingToFind | null;
}

/**
 * Between which limits something is measured, in the reader's units.
 *
 * @param measure limits; null where nothing bounds it on that side
 * @param reading units of the reader
 * @returns words
 * @example limitsText({ least: 1, most: null, unit: "mm" }, { system: "metric" }) // → "at least 1 mm"
 */
export function limitsText(
  { least, most: maximum, unit }: Pick<Measure, "least" | "most" | "unit">,
  reading: Reading,
): string {
  const text = (value: number) => figureText(value, unit, reading);
  if (least === null) return maximum === null ? "record the value" : `at most ${text(maximum)}`;
  if (maximum === null) return `at least ${text(least)}`;
  return least === maximum ? text(least) : `${text(least)} to ${text(maximum)}`;
}

/**
 * Number of equal pieces, as a plan states it.
 *
 * @param piece of an assembly
 * @returns 0 where only the fitter can count them
 * @example countOf({ count: 8, countStated: false }) // → 0
 */
export const countOf = ({ count, countStated }: Pick<Piece, "count" | "countStated">): number =>
  countStated ? count : 0;

/** The caution of everything that turns. */
export const handInBore =
  "The closing member can amputate fingers. Never put a hand into the bore or cavity while anything can turn the valve.";

/**
 * A step with words only.
 *
 * @param stage of the work
 * @param does the instruction, as a sentence
 * @param rest everything else
 * @returns the step
 * @example step("mark", "Mark it.").cautions.length // → 0
 */
export const step = (
  stage: Stage,
  does: string,
  rest: Partial<Omit<ShopStep, "stage" | "does">> = {},
): ShopStep => ({
  stage,
  does,
  figures: [],
  cautions: [],
  piece: null,
  at: null,
  look: [],
  measures: [],
  renew: null,
  toFind: null,
  ...rest,
});
