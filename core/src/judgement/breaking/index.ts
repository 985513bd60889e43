export { type MapCell, mapRow } from "./breaking-map.ts";
export { type BreakingPoint, breakingPoint } from "./breaking-points.ts";
export { type DutyValue, dutyValues } from "./duty-values.ts";
export type { CandidateInHand } from "./judgement.ts";
