export * from "./convert.ts";
export * from "./export.ts";
export { type LineListField, lineListField, lineListFields } from "./fields.ts";
export * from "./read.ts";
