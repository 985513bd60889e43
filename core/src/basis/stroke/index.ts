export * from "./named-points.ts";
export * from "./profile.ts";
export * from "./weakest.ts";
