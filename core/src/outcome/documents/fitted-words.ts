import { figureText } from "../../basis/units/reading.ts";
import type { Reading } from "../../basis/units/units.ts";
import type { FittedDescription } from "../../judgement/proof/describe.ts";
import type { Pair } from "./printed.ts";

/**
 * Accessories of the actuator, for an order.
 *
 * @param reading units of the reader
 * @param fitted items with their count; absent where the sheet's shelf had none
 * @returns kind and item of each
 */
export const fittedWords = (reading: Reading, fitted: readonly FittedDescription[] = []): Pair[] =>
  fitted.map(({ kind, item, maker, pieces, weightKg }) => [
    kind,
    `${pieces > 1 ? `${pieces} × ` : ""}${item}, ${maker}, ${figureText(weightKg, "kg", reading)}`,
  ]);
