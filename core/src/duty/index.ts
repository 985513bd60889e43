export { type OperatingCase, operatingCaseSchema } from "./case.ts";
export * from "./case-kinds.ts";
export * from "./completeness.ts";
export * from "./duty.ts";
export { text, vacuumBarG } from "./limits.ts";
export * from "./settle.ts";
export * from "./sizes.ts";
export * from "./words.ts";
