import { gravityOf } from "./finding.ts";
import type { Outcome } from "./outcome-kinds.ts";

const marginOf = (outcome: Outcome) =>
  outcome.kind === "measured" ? (outcome.margin ?? Infinity) : Infinity;

/** Whether an outcome is graver than another: by its verdict, then by its smaller margin. */
export const isGraver = (outcome: Outcome, than: Outcome): boolean =>
  gravityOf(outcome.verdict) > gravityOf(than.verdict) ||
  (outcome.verdict === than.verdict && marginOf(outcome) < marginOf(than));
