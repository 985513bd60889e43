export * from "./plan.ts";
export type { Measure, ShopStep, Stage, StepFigure } from "./step.ts";
