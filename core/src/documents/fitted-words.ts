import type { FittedDescription } from "../proof/describe.ts";
import { figure } from "../units/figures.ts";
import type { Pair } from "./printed.ts";

/**
 * What stands on the drive, for an order.
 *
 * @param fitted items in their number; absent where the sheet's shelf had none
 * @returns kind and item of each
 */
export const fittedWords = (fitted: readonly FittedDescription[] = []): Pair[] =>
  fitted.map(({ kind, item, maker, pieces, weightKg }) => [
    kind,
    `${pieces > 1 ? `${pieces} × ` : ""}${item}, ${maker}, ${figure(weightKg)} kg`,
  ]);
