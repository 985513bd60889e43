import type { Catalogue } from "@proven-seat/core/catalogue";
import { compileShelf, type Shelf } from "@proven-seat/core/catalogue";
import type { Duty } from "@proven-seat/core/duty";
import { settle } from "@proven-seat/core/duty";
import type { HouseRules } from "@proven-seat/core/house";
import {
  describeCandidate,
  describeDrive,
  describeValve,
  envelopeOf,
  type Order,
  type ProvenCandidate,
  prove,
  prover,
  strokePicture,
} from "@proven-seat/core/proof";
import type { Finding } from "@proven-seat/core/rules";
import type { BenchView, CandidateDetail, CandidateRow, ChoiceKeys, HeldBy, TagSummary } from "./views.ts";

const heldBy = (f: Finding | null): HeldBy | null =>
  f && {
    rule: f.rule,
    asks: f.asks,
    verdict: f.verdict,
    value: f.value,
    limit: f.limit,
    sense: f.sense,
    unit: f.unit,
    margin: f.margin,
    marginUnit: f.marginUnit,
    caseName: f.caseName,
    says: f.says,
  };

const groupOf = ({ valve, drive }: ProvenCandidate) =>
  `${valve.line.id}|${valve.size.designation}|${valve.cavity.id}|${valve.seat.material.id}|${drive?.family.id ?? "bare stem"}`;

const rowOf = (c: ProvenCandidate, more: number): CandidateRow => ({
  key: c.key,
  group: groupOf(c),
  valve: describeValve(c.valve),
  drive: c.drive && describeDrive(c.drive),
  verdict: c.verdict,
  heldBy: heldBy(c.heldBackBy),
  leastMargin: c.leastMargin,
  breakNm: c.breakNm,
  price: c.price,
  weightKg: c.weightKg,
  more,
});

const detailOf = (c: ProvenCandidate, duty: Duty, house: HouseRules): CandidateDetail => ({
  candidate: describeCandidate(c),
  envelope: envelopeOf(c, settle(duty, house), house),
  stroke: strokePicture(c, settle(duty, house)),
});

/** A prover of its own: it keeps the shelf and the last proof, and hands out only what is shown. */
export function proverApi() {
  let shelf: Shelf | null = null;
  let house: HouseRules | null = null;
  let last: {
    duty: Duty;
    candidates: Map<string, ProvenCandidate>;
    groups: Map<string, ProvenCandidate[]>;
  } | null = null;
  function ready(): { shelf: Shelf; house: HouseRules } {
    if (!shelf || !house) throw new Error("The catalogue has not been handed over yet.");
    return { shelf, house };
  }

  /** A choice may hold a drive the prover would not have picked by itself. */
  function judgeChoice(duty: Duty, choice: ChoiceKeys): ProvenCandidate | null {
    const parts = ready();
    const valve =
      duty.dn === null ? undefined : parts.shelf.valvesFor(duty.dn).find((v) => v.key === choice.valve);
    const drive =
      choice.drive === null
        ? null
        : parts.shelf.families.flatMap((f) => f.drives).find((d) => d.key === choice.drive);
    return valve && drive !== undefined ? prover(duty, parts.shelf, parts.house).judge(valve, drive) : null;
  }

  return {
    setShelf(catalogue: Catalogue, rules: HouseRules): void {
      shelf = compileShelf(catalogue);
      house = rules;
    },

    prove(duty: Duty, order: Order, choice: ChoiceKeys | null, inHand: string | null): BenchView {
      const started = performance.now();
      const parts = ready();
      const proof = prove(duty, parts.shelf, parts.house, order);
      const candidates = new Map(proof.candidates.map((c) => [c.key, c]));
      const groups = new Map<string, ProvenCandidate[]>();
      for (const c of proof.candidates) {
        const group = groupOf(c);
        const members = groups.get(group);
        if (members) members.push(c);
        else groups.set(group, [c]);
      }
      last = { duty, candidates, groups };
      const chosen = choice && judgeChoice(duty, choice);
      if (chosen) candidates.set(chosen.key, chosen);
      const taken =
        (inHand !== null ? candidates.get(inHand) : undefined) ?? chosen ?? proof.candidates[0] ?? null;
      return {
        missing: proof.missing,
        dutyVerdict: proof.dutyVerdict,
        considered: proof.candidates.length,
        standing: proof.standing,
        rows: [...groups.values()].map((members) => rowOf(members[0]!, members.length - 1)),
        nearestMisses: proof.nearestMisses.map(({ candidate, misses }) => ({
          key: candidate.key,
          line: candidate.valve.line.construction,
          seat: candidate.valve.seat.material.name,
          designation: candidate.valve.size.designation,
          misses: misses.map((f) => heldBy(f)!),
        })),
        chosen: chosen && rowOf(chosen, 0),
        choiceGone: choice !== null && chosen === null,
        askedFor: inHand,
        inHand: taken && detailOf(taken, duty, parts.house),
        milliseconds: performance.now() - started,
      };
    },

    /** Body, trim and seal variants behind a row, best first. */
    variants(group: string): CandidateRow[] {
      return (last?.groups.get(group) ?? []).map((c) => rowOf(c, 0));
    },

    /** Every drive the duty allows on the valve of a candidate, best first. */
    drives(key: string): CandidateRow[] {
      const candidate = last?.candidates.get(key);
      if (!last || !candidate) return [];
      const parts = ready();
      const options = prover(last.duty, parts.shelf, parts.house).drivesFor(candidate.valve);
      for (const option of options) last.candidates.set(option.key, option);
      return options
        .sort(
          (a, b) =>
            a.fails - b.fails ||
            a.cannotTell - b.cannotTell ||
            a.tight - b.tight ||
            a.shortfall - b.shortfall ||
            a.price - b.price,
        )
        .map((c) => rowOf(c, 0));
    },

    summarise(duty: Duty, choice: ChoiceKeys | null): TagSummary {
      const parts = ready();
      const proof = prove(duty, parts.shelf, parts.house);
      const shown = (choice && judgeChoice(duty, choice)) ?? proof.candidates[0] ?? null;
      return {
        duty: proof.dutyVerdict,
        stations: shown?.stations ?? null,
        verdict: shown?.verdict ?? "cannot tell",
        standing: proof.standing,
        considered: proof.candidates.length,
        heldBy: heldBy(shown?.heldBackBy ?? null),
        missing: proof.missing.filter((m) => m.assumption === null).map((m) => m.label),
      };
    },
  };
}

export type ProverApi = ReturnType<typeof proverApi>;
