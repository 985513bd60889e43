export * from "./completeness.ts";
export * from "./duty.ts";
export * from "./settle.ts";
export * from "./sizes.ts";
