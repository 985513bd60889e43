export { boltingGrades, threadNames } from "../../basis/calc/screw.ts";
export { type FoundBolting, tighteningFound } from "./found-bolting.ts";
export {
  type JobEvent,
  type JobKind,
  jobEventSchema,
  jobKinds,
  jobTitles,
  type Said,
  wordOf,
} from "./job/event.ts";
export { shopPlanSchema } from "./job/plan-schema.ts";
export {
  type JobState,
  jobState,
  judgeReading,
  type Picture,
  type Reading,
  type Remark,
  type StepState,
  stepNames,
  stepState,
} from "./job/state.ts";
export { type Allowed, timesAllowed } from "./leak/allowed.ts";
export type { LeakPlace } from "./leak/causes.ts";
export type { Observation, Ranked } from "./leak/finder.ts";
export { type CheckShown, type LeakPicture, leakPicture } from "./leak/picture.ts";
export { type PlanKind, planKinds, planNamed, type ShopPlan, shopPlan } from "./plan.ts";
export { assessStack, type Correction, type StackAssessment } from "./stack/assess.ts";
export { type ChainLink, chainOf, type SeatChain } from "./stack/chain.ts";
export { driveLoadN } from "./stack/drive-load.ts";
export { measuresStack, withMeasured } from "./stack/measured.ts";
export { type BoltingToFind, limitsText, type Measure, type ShopStep, stageTitles } from "./step.ts";
