export * from "./forms.ts";
export * from "./keys.ts";
export * from "./strength.ts";
