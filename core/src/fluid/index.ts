export * from "./estimate.ts";
export * from "./gas-viscosity.ts";
export * from "./liquid.ts";
