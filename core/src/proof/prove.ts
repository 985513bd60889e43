import { type Drive, type SuppliedDrive, suppliedDrive } from "../catalogue/drive.ts";
import type { Shelf } from "../catalogue/shelf.ts";
import type { Valve } from "../catalogue/valve.ts";
import { type Missing, missingFrom } from "../duty/completeness.ts";
import type { Duty } from "../duty/duty.ts";
import { type SettledDuty, settle } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import { type Finding, gravityOf, type Verdict } from "../rules/finding.ts";
import type { Judged } from "../rules/judged.ts";
import { type TorqueDemand, torqueDemand } from "../torque/demand.ts";
import { type Block, joined } from "./block.ts";
import { type CandidateBlocks, gather, type ProvenCandidate } from "./candidate.ts";
import { drivesActing, pickDrive } from "./pick-drive.ts";
import { type Order, rank } from "./rank.ts";
import { raisedRules } from "./rule-groups.ts";

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
  readonly pair: number;
  block: Block | null;
}

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
  const demands = new Map<number, TorqueDemand>();
  const raised = raisedRules(settled, house);
  let pairs = 0;
  const bodies = new Map<number, Block>();
  const kits = new Map<number, Block>();
  const keep = (among: Map<number, Block>, at: number, block: Block): Block => {
    among.set(at, block);
    return block;
  };
  const supply = (drive: Drive) => suppliedDrive(drive, settled.airMinimumBarG, settled.airMaximumBarG);
  const families = shelf.families
    .filter(({ drives }) => {
      const pneumatic = drives[0]?.family.kind === "rack-and-pinion";
      if (settled.operator === "bare stem") return false;
      return settled.operator === "any" || (settled.operator === "pneumatic") === pneumatic;
    })
    .map(({ drives }) => ({ all: drives, acting: drivesActing(drives, duty.onSupplyLoss).map(supply) }));
  const picked = new Map<number, readonly Pairing[]>();

  const demandOf = (valve: Valve): TorqueDemand => {
    let demand = demands.get(valve.alike.torque);
    if (!demand) {
      demand = torqueDemand(valve, settled, house);
      demands.set(valve.alike.torque, demand);
    }
    return demand;
  };

  const seats = { body: new Map<number, Block>(), trim: new Map<number, Block>() };
  // Written into anew for each candidate and read at once: nearly every one is put together from blocks there already.
  const parts: { -readonly [Part in keyof CandidateBlocks]: Block } = {
    unraised: raised.unraised,
    body: raised.unraised,
    kit: raised.unraised,
    pair: raised.unraised,
    seatAndBody: raised.unraised,
    seatAndTrim: raised.unraised,
  };

  const judgePair = (valve: Valve, pair: Pairing): ProvenCandidate => {
    const { alike } = valve;
    const { supplied } = pair;
    const drive = supplied === null ? null : supplied.drive;
    const demand = demandOf(valve);
    let judged: Judged | null = null;
    const asJudged = (): Judged => {
      judged ??= { valve, drive, supplied, pair: pair.pair, demand, duty: settled, house };
      return judged;
    };
    parts.body = bodies.get(alike.body) ?? keep(bodies, alike.body, raised.examine("body", asJudged()));
    parts.kit = kits.get(alike.kit) ?? keep(kits, alike.kit, kitOf(asJudged()));
    pair.block ??= raised.examine("seat and drive", asJudged());
    parts.pair = pair.block;
    parts.seatAndBody =
      seats.body.get(alike.bodySeat) ??
      keep(seats.body, alike.bodySeat, raised.examine("seat and body", asJudged()));
    parts.seatAndTrim =
      seats.trim.get(alike.trimSeat) ??
      keep(seats.trim, alike.trimSeat, raised.examine("seat and trim", asJudged()));
    return gather(valve, drive, demand, parts);
  };

  const kitOf = (judged: Judged): Block =>
    joined([
      raised.examine("trim", judged),
      raised.examine("seals", judged),
      raised.examine("seals in class", judged),
    ]);

  const pairing = (supplied: SuppliedDrive | null): Pairing => ({
    supplied,
    pair: pairs++,
    block: null,
  });

  const pickFor = (valve: Valve): readonly Pairing[] => {
    let pairings = picked.get(valve.alike.torque);
    if (!pairings) {
      pairings =
        families.length === 0 || valve.construction.stroke === "rising stem"
          ? [pairing(null)]
          : families.map(({ acting }) => pairing(pickDrive(acting, valve, demandOf(valve), house)));
      picked.set(valve.alike.torque, pairings);
    }
    return pairings;
  };

  const judge = (valve: Valve, drive: Drive | null) => judgePair(valve, pairing(drive && supply(drive)));

  return {
    duty: settled,
    judge,
    candidates: () => {
      const candidates: ProvenCandidate[] = [];
      if (duty.dn === null) return candidates;
      for (const valve of shelf.valvesFor(duty.dn))
        for (const pair of pickFor(valve)) candidates.push(judgePair(valve, pair));
      return candidates;
    },
    drivesFor: (valve) =>
      families.length === 0 || valve.construction.stroke === "rising stem"
        ? [judge(valve, null)]
        : families.flatMap(({ all }) => all.map((drive) => judge(valve, drive))),
  };
}

/** The nearest of each way of missing: same line and same failing rules are shown once. */
function nearest(ranked: readonly ProvenCandidate[], most: number): NearestMiss[] {
  const seen = new Set<string>();
  const misses: NearestMiss[] = [];
  for (const candidate of ranked) {
    const failing = candidate.failing;
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
