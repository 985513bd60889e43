export * from "./cautions.ts";
export * from "./drawing.ts";
export * from "./duty-words.ts";
export * from "./job-document.ts";
export * from "./plan-document.ts";
export * from "./printed.ts";
export * from "./sheet-document.ts";
