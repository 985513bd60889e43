import { readFileSync } from "node:fs";
import { create, type Font } from "fontkit";
import { type StandIn, standIns, type Typeface, typefaces } from "./typefaces.ts";

const paths: Readonly<Record<Typeface | StandIn, string>> = { ...typefaces, ...standIns };
const opened = new Map<string, Font>();

function faceOf(name: Typeface | StandIn): Font {
  const known = opened.get(name);
  if (known) return known;
  const font = create(readFileSync(paths[name])) as Font;
  opened.set(name, font);
  return font;
}

/** Results of earlier look-ups: a look-up reads the font's own tables. */
const looked = new Map<string, Map<string, boolean>>();

function has(name: Typeface | StandIn, character: string): boolean {
  let known = looked.get(name);
  if (!known) {
    known = new Map([["\n", true]]);
    looked.set(name, known);
  }
  let there = known.get(character);
  if (there === undefined) {
    there = faceOf(name).hasGlyphForCodePoint(character.codePointAt(0)!);
    known.set(character, there);
  }
  return there;
}

/** Part of a text set in one face. */
export interface Run {
  readonly face: Typeface | StandIn;
  readonly text: string;
}

/** A character no face has, by its plain form, or named: an empty box would say nothing. */
function spelt(character: string, face: Typeface | StandIn): string {
  const plain = character.normalize("NFKC");
  if (plain !== character && [...plain].every((c) => has(face, c))) return plain;
  return `[U+${character.codePointAt(0)!.toString(16).toUpperCase().padStart(4, "0")}]`;
}

const rightToLeft = /[\p{Script=Arabic}\p{Script=Hebrew}]/u;

/** Words written from right to left are placed in reading order; each word is reversed when it is shaped. */
function inReadingOrder(text: string): string {
  if (!rightToLeft.test(text)) return text;
  const words = text.split(" ");
  const ordered: string[] = [];
  for (let i = 0; i < words.length; ) {
    let end = i;
    while (end < words.length && rightToLeft.test(words[end]!)) end++;
    if (end === i) ordered.push(words[i++]!);
    else {
      ordered.push(...words.slice(i, end).reverse());
      i = end;
    }
  }
  return ordered.join(" ");
}

/** A text ready to be set: in one face that has all of it, or in runs, each in the first face with its characters. */
export function dress(text: string, wanted: Typeface): readonly Run[] {
  // A line may end at a thin space, and a figure must not: between thousands the space holds.
  const ordered = inReadingOrder(text).replaceAll("\u2009", "\u00a0");
  const faces = [wanted, ...(Object.keys(standIns) as StandIn[])];
  const characters = [...new Set(ordered)];
  const whole = faces.find((face) => characters.every((c) => has(face, c)));
  if (whole) return [{ face: whole, text: ordered }];
  const runs: { face: Typeface | StandIn; text: string }[] = [];
  for (const character of ordered) {
    const face = faces.find((face) => has(face, character)) ?? wanted;
    const set = has(face, character) ? character : spelt(character, face);
    const last = runs.at(-1);
    // A blank stays with the words before it.
    if (last && (last.face === face || character === " ")) last.text += set;
    else runs.push({ face, text: set });
  }
  return runs;
}
