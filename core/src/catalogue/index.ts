export * from "./check.ts";
export * from "./difference.ts";
export * from "./drive.ts";
export type { CatalogueFault } from "./fault.ts";
export * from "./schema.ts";
export * from "./shelf.ts";
export * from "./valve.ts";
