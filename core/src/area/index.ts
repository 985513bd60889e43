export * from "./fit.ts";
export * from "./marking.ts";
export * from "./place.ts";
export { temperatureClasses } from "./words.ts";
