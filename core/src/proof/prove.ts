import { type Drive, type SuppliedDrive, suppliedDrive } from "../catalogue/drive.ts";
import type { Shelf } from "../catalogue/shelf.ts";
import type { Valve } from "../catalogue/valve.ts";
import { type Missing, missingFrom } from "../duty/completeness.ts";
import type { Duty } from "../duty/duty.ts";
import { type SettledDuty, settle } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import { type Finding, gravityOf, type Verdict } from "../rules/finding.ts";
import { rules } from "../rules/index.ts";
import { findingOf, type Judged, type Rule, type RulePart } from "../rules/rule.ts";
import { type TorqueDemand, torqueDemand } from "../torque/demand.ts";
import { type Block, blockOf, joined } from "./block.ts";
import { gather, type ProvenCandidate } from "./candidate.ts";
import { drivesActing, pickDrive } from "./pick-drive.ts";
import { type Order, rank } from "./rank.ts";

/** A failing candidate worth showing when nothing stands, and what it misses. */
export interface NearestMiss {
  readonly candidate: ProvenCandidate;
  readonly misses: readonly Finding[];
}

/** Every candidate for a duty with every finding, best first. */
export interface Proof {
  readonly duty: SettledDuty;
  readonly missing: readonly Missing[];
  /** Verdict on the duty itself: *cannot tell* while something is missing that must not be assumed. */
  readonly dutyVerdict: Verdict;
  readonly candidates: readonly ProvenCandidate[];
  readonly standing: number;
  /** Filled only when nothing stands. */
  readonly nearestMisses: readonly NearestMiss[];
}

/** Proves candidates of one duty; findings and demands that candidates share are made once. */
export interface Prover {
  readonly duty: SettledDuty;
  readonly candidates: () => ProvenCandidate[];
  readonly judge: (valve: Valve, drive: Drive | null) => ProvenCandidate;
  /** Every drive of the families the duty allows, for one valve. */
  readonly drivesFor: (valve: Valve) => ProvenCandidate[];
}

/** A size and seat with a drive; valves that differ only in body, trim or seals share it and its findings. */
interface Pairing {
  readonly supplied: SuppliedDrive | null;
  readonly pairKey: string;
  block: Block | null;
}

type NumberedRule = { readonly rule: Rule; readonly at: number };

const numbered: readonly NumberedRule[] = rules.map((rule, at) => ({ rule, at }));
const hangingOn = (part: RulePart) => numbered.filter(({ rule }) => rule.hangsOn === part);
const rulesByPart: Readonly<Record<RulePart, readonly NumberedRule[]>> = {
  "size, seat and drive": hangingOn("size, seat and drive"),
  body: hangingOn("body"),
  trim: hangingOn("trim"),
  seals: hangingOn("seals"),
  "the whole valve": hangingOn("the whole valve"),
};

/**
 * Sets up the proving of one duty against a shelf.
 *
 * @param duty as entered: bar g, °C
 * @param shelf compiled catalogue
 * @param house house rules
 * @returns the prover; with no size stated it has no candidates
 * @throws never for a checked catalogue and duty
 * @source duty → candidates → findings
 * @example prover(duty, shelf, house).candidates().length
 */
export function prover(duty: Duty, shelf: Shelf, house: HouseRules): Prover {
  const settled = settle(duty, house);
  const demands = new Map<string, TorqueDemand>();
  const shared = rules.map(() => new Map<string, Finding>());
  const blocks = {
    body: new Map<string, Block>(),
    trim: new Map<string, Block>(),
    seals: new Map<string, Block>(),
    material: new Map<string, Block>(),
  };
  const supply = (drive: Drive) => suppliedDrive(drive, settled.airMinimumBarG, settled.airMaximumBarG);
  const families = shelf.families
    .filter(({ drives }) => {
      const pneumatic = drives[0]?.family.kind === "rack-and-pinion";
      if (settled.operator === "bare stem") return false;
      return settled.operator === "any" || (settled.operator === "pneumatic") === pneumatic;
    })
    .map(({ drives }) => ({ all: drives, acting: drivesActing(drives, duty.onSupplyLoss).map(supply) }));
  const picked = new Map<string, readonly Pairing[]>();

  const demandOf = (valve: Valve): TorqueDemand => {
    let demand = demands.get(valve.torqueKey);
    if (!demand) {
      demand = torqueDemand(valve, settled, house);
      demands.set(valve.torqueKey, demand);
    }
    return demand;
  };

  /** A part's rules examined on a candidate; single findings are shared more widely than their blocks. */
  const examined = (part: RulePart, judged: Judged): Block =>
    blockOf(
      rulesByPart[part].map(({ rule, at }) => {
        const key = rule.sharedBy(judged);
        let finding = shared[at]!.get(key);
        if (!finding) {
          finding = findingOf(rule, rule.examine(judged));
          shared[at]!.set(key, finding);
        }
        return { at, finding };
      }),
    );
  const blockFor = (part: "body" | "trim" | "seals", key: string, judged: Judged): Block => {
    let block = blocks[part].get(key);
    if (!block) {
      block = examined(part, judged);
      blocks[part].set(key, block);
    }
    return block;
  };

  const judgePair = (valve: Valve, pair: Pairing): ProvenCandidate => {
    const { supplied, pairKey } = pair;
    const drive = supplied?.drive ?? null;
    const judged: Judged = { valve, drive, supplied, pairKey, demand: demandOf(valve), duty: settled, house };
    pair.block ??= examined("size, seat and drive", judged);
    let rest = blocks.material.get(valve.materialKey);
    if (!rest) {
      rest = joined(
        joined(blockFor("body", valve.bodyKey, judged), blockFor("trim", valve.trimKey, judged)),
        blockFor("seals", valve.sealsKey, judged),
      );
      blocks.material.set(valve.materialKey, rest);
    }
    const whole =
      rulesByPart["the whole valve"].length > 0 ? joined(rest, examined("the whole valve", judged)) : rest;
    return gather(valve, drive, judged.demand, pair.block, whole);
  };

  const pairing = (valve: Valve, supplied: SuppliedDrive | null): Pairing => ({
    supplied,
    pairKey: `${valve.torqueKey} + ${supplied?.drive.key ?? "bare stem"}`,
    block: null,
  });

  const pickFor = (valve: Valve): readonly Pairing[] => {
    let pairings = picked.get(valve.torqueKey);
    if (!pairings) {
      pairings =
        families.length === 0
          ? [pairing(valve, null)]
          : families.map(({ acting }) => pairing(valve, pickDrive(acting, valve, demandOf(valve), house)));
      picked.set(valve.torqueKey, pairings);
    }
    return pairings;
  };

  const judge = (valve: Valve, drive: Drive | null) =>
    judgePair(valve, pairing(valve, drive && supply(drive)));

  return {
    duty: settled,
    judge,
    candidates: () =>
      duty.dn === null
        ? []
        : shelf.valvesFor(duty.dn).flatMap((valve) => pickFor(valve).map((pair) => judgePair(valve, pair))),
    drivesFor: (valve) =>
      families.length === 0
        ? [judge(valve, null)]
        : families.flatMap(({ all }) => all.map((drive) => judge(valve, drive))),
  };
}

/** The nearest of each way of missing: same line and same failing rules are shown once. */
function nearest(ranked: readonly ProvenCandidate[], most: number): NearestMiss[] {
  const seen = new Set<string>();
  const misses: NearestMiss[] = [];
  for (const candidate of ranked) {
    const failing = candidate.findings.filter((f) => f.verdict === "fails");
    const way = `${candidate.valve.line.id}|${failing.map((f) => f.rule).join()}`;
    if (seen.has(way)) continue;
    seen.add(way);
    misses.push({ candidate, misses: failing });
    if (misses.length === most) break;
  }
  return misses;
}

/**
 * Proves a duty: every candidate of the shelf, every rule, every case, ranked.
 *
 * @param duty as entered: bar g, °C; null where unknown
 * @param shelf compiled catalogue
 * @param house house rules
 * @param order what decides between candidates of equal verdict, price unless said otherwise
 * @returns the proof; no candidates without a size; nearest misses when nothing stands
 * @throws never for a checked catalogue and duty
 * @source duty → candidates → findings → proof
 * @example prove(emptyDuty, shelf, defaultHouseRules()).candidates // → []
 */
export function prove(duty: Duty, shelf: Shelf, house: HouseRules, order: Order = "price"): Proof {
  const one = prover(duty, shelf, house);
  const candidates = rank(one.candidates(), order);
  const missing = missingFrom(duty, house);
  const standing = candidates.filter((c) => gravityOf(c.verdict) < gravityOf("fails")).length;
  return {
    duty: one.duty,
    missing,
    dutyVerdict: missing.some((m) => m.assumption === null) ? "cannot tell" : "holds",
    candidates,
    standing,
    nearestMisses: standing === 0 ? nearest(candidates, 3) : [],
  };
}
