export * from "./endpoint.ts";
export * from "./endpoints/index.ts";
export * from "./list-records.ts";
export * from "./open-api.ts";
export * from "./project-records.ts";
export * from "./proving-records.ts";
export * from "./records.ts";
export * from "./shop-records.ts";
