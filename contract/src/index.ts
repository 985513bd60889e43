export * from "./endpoints.ts";
export * from "./open-api.ts";
export * from "./records.ts";
