export * from "./assess.ts";
export * from "./figures.ts";
export * from "./installed.ts";
export * from "./open-drop.ts";
export * from "./opening-for.ts";
export * from "./passing.ts";
