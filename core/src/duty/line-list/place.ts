import type { CaseKind } from "../fields/words.ts";
import { type LineListField, lineListFields } from "./fields.ts";
import { headingWithoutUnit, type Slot, senseOf } from "./heading.ts";
import { type Concept, concepts } from "./lexicon/concept.ts";
import { remarkHeading } from "./remarks.ts";

/** Where a heading may belong, and how sure that is: from 0 to 1. */
export interface Placing {
  readonly field: LineListField;
  readonly confidence: number;
}

interface Pattern {
  readonly field: LineListField;
  readonly concepts: readonly Concept[];
  readonly weight: number;
}

/** Concepts of two words, which a pattern must not split. */
const longNames = concepts.filter((concept) => concept.includes(" "));

function conceptsIn(pattern: string): Concept[] {
  let rest = pattern;
  const found: Concept[] = [];
  for (const name of longNames)
    if (rest.includes(name)) {
      found.push(name);
      rest = rest.replace(name, "");
    }
  return [...found, ...(rest.split(" ").filter(Boolean) as Concept[])];
}

const patterns: readonly Pattern[] = lineListFields.flatMap((field) =>
  field.kind === null
    ? field.means.map((written) => {
        const weak = written.startsWith("~");
        return {
          field,
          concepts: conceptsIn(weak ? written.slice(1) : written),
          weight: weak ? 0.7 : 1,
        };
      })
    : [],
);

/** Kind of case that a word of a heading implies, the stronger last. */
const kindsSaid: Readonly<Partial<Record<Concept, CaseKind>>> = {
  normal: "normal",
  design: "maximum",
  maximum: "maximum",
  minimum: "minimum",
  "start-up": "start-up",
  "steam-out": "steam-out",
  "blow-down": "blow-down",
  upset: "upset",
  relief: "upset",
  shut: "shut-off differential",
};
const strength = Object.keys(kindsSaid) as Concept[];

/**
 * The kind of case a case's name speaks of.
 *
 * @param name as written
 * @returns its kind; normal where it speaks of none
 * @source the lexicon (line-list/lexicon)
 * @example kindSaid("Max. start-up") // → "start-up"
 */
export function kindSaid(name: string): CaseKind {
  const said = senseOf(name).slots.flatMap(({ concepts: wanted }) =>
    wanted.filter((c) => c in kindsSaid).slice(0, 1),
  );
  const strongest = said.sort((a, b) => strength.indexOf(b) - strength.indexOf(a))[0];
  return strongest ? kindsSaid[strongest]! : "normal";
}

/** Concepts that exclude a field. */
function costOf(concept: Concept): number {
  switch (concept) {
    case "filler":
      return 0;
    case "valve":
    case "line":
    case "number":
    case "item":
    case "rate":
    case "kind":
    case "service":
      return 0.05;
    case "type":
      return 0.1;
    case "normal":
    case "design":
    case "minimum":
    case "maximum":
      return 0.12;
    case "homeless":
    case "test":
      return 0.65;
    default:
      return 0.36;
  }
}

/** Slots for the concepts of a pattern, one for each; null where a concept is missing. */
function covering(slots: readonly Slot[], concepts: readonly Concept[]): Set<Slot> | null {
  const used = new Set<Slot>();
  for (const concept of concepts) {
    const [slot] = slots
      .filter((s) => !used.has(s) && s.concepts.includes(concept))
      .sort((a, b) => a.concepts.length - b.concepts.length);
    if (!slot) return null;
    used.add(slot);
  }
  return used;
}

function fit(
  { field, concepts, weight }: Pattern,
  slots: readonly Slot[],
  unknown: number,
): { kind: CaseKind | null; score: number } | null {
  const used = covering(slots, concepts);
  if (!used) return null;
  let score = weight;
  const said: Concept[] = [];
  for (const slot of slots) {
    if (used.has(slot)) {
      score *= slot.sure;
      continue;
    }
    if (slot.concepts.length === 0 || slot.concepts.some((c) => concepts.includes(c))) continue;
    const kind = field.byKind ? slot.concepts.find((c) => c in kindsSaid) : undefined;
    if (kind) said.push(kind);
    else score -= Math.min(...slot.concepts.map(costOf));
  }
  score -= Math.min(2, unknown) * 0.25;
  // Both ends at once: each cell states them for itself.
  if (said.includes("minimum") && said.includes("maximum")) return { kind: null, score: score * 0.9 };
  const strongest = said.sort((a, b) => strength.indexOf(b) - strength.indexOf(a))[0];
  return { kind: strongest ? kindsSaid[strongest]! : null, score };
}

const byId = new Map(lineListFields.map((field) => [field.id, field]));

/** A difference at shut-off, or the greatest difference, is the differential it must hold. */
const kindOf = (field: LineListField, kind: CaseKind | null): CaseKind | null =>
  field.id === "differentialBar" && kind === "maximum" ? "shut-off differential" : kind;

/** A pressure against the shut valve is a difference. */
const fieldOf = (field: LineListField, kind: CaseKind | null): LineListField =>
  field.id === "upstreamBarG" && kind === "shut-off differential" ? byId.get("differentialBar")! : field;

const exact = new Map<string, LineListField>(
  [headingWithoutUnit, (heading: string) => heading].flatMap((form) =>
    lineListFields
      .toReversed()
      .flatMap((field) => field.headings.map((h): [string, LineListField] => [form(h), field])),
  ),
);

/** Below this confidence a heading does not decide the place. */
export const leastConfidence = 0.5;
/** Below this a place is marked as unsure. */
export const sureConfidence = 0.8;

/**
 * Where a heading may belong.
 *
 * @param heading as written, with the heading above it before it where there are two rows
 * @returns places with a confidence of at least `leastConfidence`, the best first; none where it belongs to the remarks
 * @source the lexicon (line-list/lexicon)
 * @example placesOf("Betriebsdruck")[0].field.id // → "normal.upstreamBarG"
 */
export function placesOf(heading: string): readonly Placing[] {
  let places = placed.get(heading);
  if (places === undefined) {
    places = findPlaces(heading);
    if (placed.size === mostHeld) placed.clear();
    placed.set(heading, places);
  }
  return places;
}

const mostHeld = 5000;
/** A heading is read several times while the list is located in a file. */
const placed = new Map<string, readonly Placing[]>();

function findPlaces(heading: string): Placing[] {
  if (heading.startsWith(remarkHeading(""))) return [];
  const known = exact.get(heading.toLowerCase().trim()) ?? exact.get(headingWithoutUnit(heading));
  const { slots, unknown } = senseOf(heading);
  const found = new Map<LineListField, { confidence: number; size: number; at: number }>();
  for (const pattern of patterns) {
    const fitted = fit(pattern, slots, unknown);
    if (!fitted || fitted.score < leastConfidence) continue;
    const kind = kindOf(pattern.field, fitted.kind);
    const base = fieldOf(pattern.field, kind);
    const field = kind === null ? base : byId.get(`${kind}.${base.id}`)!;
    const index = slots.findIndex((slot) => slot.concepts.includes(pattern.concepts[0]!));
    const before = found.get(field);
    if (!before || before.confidence < fitted.score)
      found.set(field, { confidence: fitted.score, size: pattern.concepts.length, at: index });
  }
  if (known) found.set(known, { confidence: 1, size: 9, at: 0 });
  return [...found]
    .sort(([, a], [, b]) => b.confidence - a.confidence || b.size - a.size || a.at - b.at)
    .map(([field, { confidence }]) => ({ field, confidence: Math.round(confidence * 100) / 100 }));
}
