export * from "./duty-words.ts";
export * from "./sheet-pictures.ts";
