export * from "./breaking-map.ts";
export * from "./breaking-points.ts";
export * from "./duty-values.ts";
export * from "./judgement.ts";
