export * from "./by-hand.ts";
export * from "./demand.ts";
export * from "./dynamic.ts";
export * from "./mechanics.ts";
export * from "./service-factor.ts";
export * from "./stall.ts";
export * from "./stem-thrust.ts";
