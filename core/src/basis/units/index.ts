export { atmosphereBar, type Quantity, quantities } from "./definitions.ts";
export * from "./figures.ts";
export * from "./reading.ts";
export * from "./sizes.ts";
export * from "./unit.ts";
export * from "./units.ts";
