export * from "./characteristic.ts";
export { type FlowTrim, flowTrimKinds, flowTrimSchema } from "./schema.ts";
export * from "./trim.ts";
