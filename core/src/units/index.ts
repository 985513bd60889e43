export * from "./figures.ts";
export * from "./units.ts";
