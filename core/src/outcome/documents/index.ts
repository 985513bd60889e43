export type { Drawing, Mark, Tone } from "./drawing.ts";
export { type JobOf, jobDocument } from "./job-document.ts";
export { planDocument } from "./plan-document.ts";
export type { Block, Pair, PrintedDocument } from "./printed.ts";
export { sheetDocument } from "./sheet-document.ts";
