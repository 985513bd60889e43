/** Prints every distinct text that a reader may see, with its first place: `npm run texts`. */
import { allTexts } from "./texts/all.ts";

const first = new Map(
  allTexts()
    .reverse()
    .map((text) => [text.text, text] as const),
);
const distinct = [...first.values()].sort((a, b) => a.file.localeCompare(b.file) || a.line - b.line);
for (const { file, line, text } of distinct) console.log(`${file}:${line}  ${text.replace(/\s+/g, " ")}`);
console.log(`${distinct.length} texts`);
