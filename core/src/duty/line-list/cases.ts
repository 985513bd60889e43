import { type CaseKind, caseKinds } from "../fields/words.ts";
import type { RowRead, Stated } from "./row.ts";
import type { Ends } from "./values/reading.ts";

/** A case as a list states it, with its row. */
export interface CaseDraft {
  readonly row: number;
  readonly fields: Record<string, unknown>;
}

type Fields = ReadonlyMap<string, Stated>;
const isEnds = (value: Stated | undefined): value is Ends =>
  typeof value === "object" && value !== null && "low" in value;
const ranged = (fields: Fields) => [...fields.values()].some(isEnds);

type End = "low" | "normal" | "high";
const valueAtEnd = (value: Stated, end: End): unknown => (isEnds(value) ? (value[end] ?? null) : value);

/** The values at one end of their ranges. */
const atEnd = (fields: Fields, end: End): Record<string, unknown> =>
  Object.fromEntries([...fields].map(([id, value]) => [id, valueAtEnd(value, end)]));

const hasNormal = (fields: Fields) => [...fields.values()].some((v) => isEnds(v) && v.normal !== null);

/** A range without a word for its state covers the lowest and the highest operating value. */
function ofOwn(fields: Fields): Record<string, unknown>[] {
  if (fields.size === 0) return [];
  if (!ranged(fields)) return [atEnd(fields, "high")];
  const named = (end: End, kind: CaseKind, word: string) => ({
    ...atEnd(fields, end),
    kind: fields.get("kind") ?? kind,
    name: fields.has("name") ? `${fields.get("name") as string}, ${word}` : null,
    id: null,
  });
  return [
    ...(hasNormal(fields) ? [named("normal", "normal", "normal")] : []),
    named("high", "maximum", "highest"),
    named("low", "minimum", "lowest"),
  ];
}

/** Cases of the kinds that columns name. */
function ofKinds(byKind: ReadonlyMap<string, Fields>): Record<string, unknown>[] {
  const found = new Map<string, Record<string, unknown>[]>();
  for (const kind of caseKinds) {
    const fields = byKind.get(kind);
    if (!fields) continue;
    if (!ranged(fields)) found.set(kind, [{ ...atEnd(fields, "high"), kind }]);
    else if (kind === "maximum" || kind === "minimum")
      found.set(kind, [{ ...atEnd(fields, kind === "maximum" ? "high" : "low"), kind }]);
    else
      found.set(kind, [
        { ...atEnd(fields, "high"), kind, name: `${kind}, highest` },
        { ...atEnd(fields, "low"), kind, name: `${kind}, lowest` },
      ]);
  }
  // The other end of a design range becomes a case of its own, at the same pressure unless stated otherwise.
  for (const [kind, other, end] of [
    ["maximum", "minimum", "low"],
    ["minimum", "maximum", "high"],
  ] as const) {
    const fields = byKind.get(kind);
    if (!fields || !ranged(fields)) continue;
    const [there = {}] = found.get(other) ?? [];
    found.set(other, [{ ...atEnd(fields, end), ...stated(there), kind: other }]);
  }
  const [lowest] = found.get("minimum") ?? [];
  const [highest] = found.get("maximum") ?? [];
  // A least temperature without a pressure is met at the pressure it is designed for.
  if (
    lowest &&
    typeof lowest.temperatureC === "number" &&
    lowest.upstreamBarG == null &&
    highest?.upstreamBarG != null
  )
    found.set("minimum", [{ ...lowest, upstreamBarG: highest.upstreamBarG }]);
  return caseKinds.flatMap((kind) => found.get(kind) ?? []);
}

const stated = (fields: Record<string, unknown>) =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== null && value !== undefined));

const shut: CaseKind = "shut-off differential";

/** A difference as the pressures a case states: against the shut valve the far side is open. */
function withoutDifference(cases: readonly Record<string, unknown>[]): Record<string, unknown>[] {
  const numbers = (id: string) => cases.map((c) => c[id]).filter((v): v is number => typeof v === "number");
  const hottest = numbers("temperatureC").reduce<number | null>(
    (top, t) => (top === null || t > top ? t : top),
    null,
  );
  return cases.flatMap((operatingCase) => {
    const { differentialBar: difference, ...fields } = operatingCase;
    if (typeof difference !== "number") return [fields];
    const { upstreamBarG: up, downstreamBarG: down, kind } = fields;
    if (typeof up === "number")
      return [typeof down === "number" ? fields : { ...fields, downstreamBarG: up - difference }];
    if (typeof down === "number") return [{ ...fields, upstreamBarG: down + difference }];
    const against = {
      upstreamBarG: difference,
      downstreamBarG: 0,
      temperatureC: fields.temperatureC ?? hottest,
      kind: shut,
    };
    if (kind === shut) return [{ ...fields, ...against }];
    return Object.values(stated(fields)).some((v) => typeof v === "number") ? [fields, against] : [against];
  });
}

const says = (fields: Record<string, unknown>) => {
  const { kind: _, name: __, rateBasis: ___, ...rest } = stated(fields);
  return Object.keys(rest).length > 0;
};

/**
 * The cases a row of a list states: its own, those of columns for a kind of case, and the ends of ranges.
 *
 * @param row as it was read
 * @returns cases with the values of each; none where the row states none
 * @source the line list
 */
export function casesOf({ row, own, byKind }: RowRead): CaseDraft[] {
  const named = own.has("kind") || own.has("name") || own.has("id");
  const listedCases = withoutDifference([...ofOwn(own), ...ofKinds(byKind)]);
  return listedCases
    .map(stated)
    .filter((fields) => says(fields) || (named && Object.keys(fields).length > 0))
    .map((fields) => ({ row, fields }));
}
