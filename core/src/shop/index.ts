export * from "./leak/allowed.ts";
export { type Cause, type CauseKind, causesOf, type LeakPlace, leakPlaces } from "./leak/causes.ts";
export { type Check, checks } from "./leak/checks.ts";
export * from "./leak/finder.ts";
export * from "./leak/picture.ts";
export * from "./plan.ts";
export * from "./stack/assess.ts";
export * from "./stack/chain.ts";
export type { Measure, ShopStep, Stage, StepFigure } from "./step.ts";
