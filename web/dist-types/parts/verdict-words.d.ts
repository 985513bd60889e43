import type { Unit } from "@proven-seat/core/rules";
import { type UnitSystem } from "@proven-seat/core/units";
import type { HeldBy } from "../workers/views.ts";
export interface ReadingUnits {
  readonly system: UnitSystem;
  readonly absolute: boolean;
}
export declare const verdictText: Record<string, string>;
/** A figure in the reader's units, with its unit. */
export declare function figureText(
  value: number | string | null,
  unit: Unit,
  { system, absolute }: ReadingUnits,
): string;
/** A margin in the reader's units. */
export declare function marginWords(
  margin: number | null,
  unit: "%" | "K" | null,
  { system }: ReadingUnits,
): string;
/** The sentence that holds a candidate back. */
export declare function heldSentence(held: HeldBy, units: ReadingUnits): string;
//# sourceMappingURL=verdict-words.d.ts.map
