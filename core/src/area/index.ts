export * from "./fit.ts";
export * from "./marking.ts";
export * from "./place.ts";
