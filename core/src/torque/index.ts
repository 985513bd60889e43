export * from "./demand.ts";
export * from "./service-factor.ts";
