export { seatLoad } from "./envelope/seat-load.ts";
export { figuresOfRule } from "./figures.ts";
export {
  type CaseResult,
  gravest,
  gravityOf,
  needsReason,
  type RuleStation,
  ruleStations,
  trueSign,
  type Verdict,
  verdictsByGravity,
} from "./finding.ts";
export { type FindingDescription, figuresOf } from "./found.ts";
export type { LimitedPart } from "./limits/part-limit.ts";
export { rules } from "./rules.ts";
