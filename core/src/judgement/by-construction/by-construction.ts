import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Construction } from "../../construction/bodies/construction.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { numbering } from "../../equipment/catalogue/identity.ts";
import type { ProductLine } from "../../equipment/catalogue/schema.ts";
import { type Valve, valvesOfSize } from "../../equipment/catalogue/valve.ts";
import { lineByConstruction } from "../../equipment/unlisted/line.ts";
import { usualBolting } from "../../equipment/unlisted/materials.ts";
import type { ProvenCandidate } from "../proof/candidate.ts";
import { prover } from "../proof/prover.ts";
import type { Finding } from "../rules/found.ts";

/** Findings on a construction that no product line offers, as far as they need no maker's data. */
export interface ByConstruction {
  readonly construction: Construction;
  readonly candidate: ProvenCandidate;
  /** Failing findings of body and envelope, which no choice of parts can mend. */
  readonly failing: readonly Finding[];
}

const ofBodyOrEnvelope = (f: Finding) => f.station === "body" || f.station === "envelope";
const failsOf = (c: ProvenCandidate) => c.failing.filter(ofBodyOrEnvelope);

/** Order of candidates: fails first, then *cannot tell*, then *tight*, then price. */
function badness(candidate: ProvenCandidate): readonly number[] {
  const count = (verdict: Finding["verdict"]) =>
    candidate.findings.filter((f) => f.verdict === verdict && ofBodyOrEnvelope(f)).length;
  return [count("fails"), count("cannot tell"), count("tight"), candidate.price];
}

function bestFirst(candidates: readonly ProvenCandidate[]): ProvenCandidate[] {
  return candidates
    .map((c) => ({ c, bad: badness(c) }))
    .sort((a, b) => {
      const index = a.bad.findIndex((n, i) => n !== b.bad[i]);
      return index < 0 ? 0 : a.bad[index]! - b.bad[index]!;
    })
    .map(({ c }) => c);
}

/** How many of each list are kept after its parts were tried one at a time. */
const keptOfEach = { grades: 3, trims: 3, seats: 4, seals: 3 } as const;
type Part = keyof typeof keptOfEach;

const partOf: Record<Part, (valve: Valve) => string> = {
  grades: (v) => v.grade.grade,
  trims: (v) => v.trim.id,
  seats: (v) => v.seat.material.id,
  seals: (v) => v.seals.id,
};

/**
 * The best a construction could be built for a duty when no product line offers it. Every part is tried, then the best
 * of each are combined. Only findings of body and envelope count; torque, actuation and fit-up need a maker's data.
 *
 * @param construction the construction
 * @param duty as entered; size and line class must be stated
 * @param house house rules
 * @returns the best candidate with the findings that still fail, or null where the construction is not built
 *   in that size and class, or the duty does not say them
 * @source the rules of body and envelope; dimensions estimated from the bore
 */
export function byConstruction(
  construction: Construction,
  duty: Duty,
  house: HouseRules,
): ByConstruction | null {
  if (duty.dn === null || duty.lineDesignation === null) return null;
  // Without an operator the actuation rules do not apply.
  const asked: Duty = { ...duty, operator: "bare stem" };
  const proving = prover(asked, { families: [], accessories: [], valvesFor: () => [] }, house);
  const number = numbering();
  const judge = (line: ProductLine): ProvenCandidate[] =>
    valvesOfSize(line, line.sizes[0]!, number).map((valve) => proving.judge(valve, null));

  const alone = (line: ProductLine, whole: readonly Part[]): ProductLine => ({
    ...line,
    ...Object.fromEntries(
      (Object.keys(keptOfEach) as Part[])
        .filter((part) => !whole.includes(part))
        .map((part) => [part, line[part].slice(0, 1)]),
    ),
  });
  const lines = usualBolting.flatMap((bolting) => {
    const line = lineByConstruction(construction, duty.dn!, duty.lineDesignation!, bolting);
    if (line === null) return [];
    return [{ ...line, id: `${line.id}-${bolting}` }];
  });
  if (lines.length === 0) return null;

  // Each list is tried alone while the others stay at their best so far. Bolting and seats come first because most
  // rules depend on them.
  const [bolted] = bestFirst(lines.flatMap((line) => judge(alone(line, [])).slice(0, 1)));
  let line = lines.find((l) => l.id === bolted!.valve.line.id)!;
  for (const part of ["seats", "grades", "trims", "seals"] as const) {
    const order = bestFirst(judge(alone(line, [part]))).map((c) => partOf[part](c.valve));
    const kept = [...new Set(order)].slice(0, keptOfEach[part]);
    const named = (entry: { grade?: string; id?: string; seat?: string }) =>
      entry.grade ?? entry.id ?? entry.seat ?? "";
    const entries: readonly { grade?: string; id?: string; seat?: string }[] = line[part];
    line = { ...line, [part]: kept.map((id) => entries.find((entry) => named(entry) === id)!) };
  }
  const [best] = bestFirst(judge(line));
  return best === undefined ? null : { construction, candidate: best, failing: failsOf(best) };
}
