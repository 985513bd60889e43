export * from "./clean.ts";
export * from "./formula.ts";
export * from "./listed.ts";
export * from "./tag-key.ts";
