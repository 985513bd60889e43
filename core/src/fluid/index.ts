export * from "./estimate.ts";
export * from "./estimates-of-duty.ts";
export * from "./gas-viscosity.ts";
export * from "./liquid.ts";
