export * from "./duty-words.ts";
