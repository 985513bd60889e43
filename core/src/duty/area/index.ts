export * from "./enclosure.ts";
export * from "./fit.ts";
export * from "./marking.ts";
export * from "./place.ts";
