export * from "./house-rules.ts";
