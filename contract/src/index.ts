export * from "./endpoint.ts";
export * from "./endpoints/index.ts";
export * from "./open-api.ts";
export * from "./records.ts";
