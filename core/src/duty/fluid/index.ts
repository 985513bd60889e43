export * from "./estimate.ts";
export * from "./estimates-of-duty.ts";
export * from "./expansion.ts";
export * from "./gas-viscosity.ts";
export * from "./liquid.ts";
export * from "./stream.ts";
export type {
  GasStream,
  LiquidStream,
  Stream,
  StreamFigure,
  StreamOfCase,
  TwoPhaseStream,
} from "./stream-figures.ts";
export { asOne } from "./two-phase-stream.ts";
