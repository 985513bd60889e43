export { atmosphereBar, type Quantity, quantities } from "./definitions.ts";
export * from "./figures.ts";
export * from "./reading.ts";
export * from "./units.ts";
