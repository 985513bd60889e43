import { type Drive, type SuppliedDrive, suppliedDrive } from "../catalogue/drive.ts";
import type { Shelf } from "../catalogue/shelf.ts";
import type { Valve } from "../catalogue/valve.ts";
import { type Missing, missingFrom } from "../duty/completeness.ts";
import type { Duty } from "../duty/duty.ts";
import { type SettledDuty, settle } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import type { Finding, Verdict } from "../rules/finding.ts";
import type { CandidatePart } from "../rules/hangs-on.ts";
import { type TorqueDemand, torqueDemand } from "../torque/demand.ts";
import { serviceFactor } from "../torque/service-factor.ts";
import { type Block, joined } from "./block.ts";
import { type ExaminedPairing, gather, type ProvenCandidate } from "./candidate.ts";
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
  readonly drive: Drive | null;
  readonly demand: TorqueDemand;
  readonly pair: number;
  examined: ExaminedPairing | null;
}

/** Finds a block by number, or makes it. The maker stands ready: one made anew for each candidate would be waste. */
function kept(make: (valve: Valve, pair: Pairing) => Block) {
  const blocks = new Map<number, Block>();
  return (at: number, valve: Valve, pair: Pairing): Block => {
    let block = blocks.get(at);
    if (block === undefined) {
      block = make(valve, pair);
      blocks.set(at, block);
    }
    return block;
  };
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
  const raised = raisedRules(settled, house);
  const factor = serviceFactor(settled, house);
  const supply = (drive: Drive) => suppliedDrive(drive, settled.airMinimumBarG, settled.airMaximumBarG);
  const families = shelf.families
    .filter(({ drives }) => {
      const pneumatic = drives[0]?.family.kind === "rack-and-pinion";
      if (settled.operator === "bare stem") return false;
      return settled.operator === "any" || (settled.operator === "pneumatic") === pneumatic;
    })
    .map(({ drives }) => ({ all: drives, acting: drivesActing(drives, duty.onSupplyLoss).map(supply) }));

  let pairs = 0;
  const pairing = (demand: TorqueDemand, supplied: SuppliedDrive | null): Pairing => ({
    supplied,
    drive: supplied === null ? null : supplied.drive,
    demand,
    pair: pairs++,
    examined: null,
  });
  const demandOf = (valve: Valve) => torqueDemand(valve, settled, house, factor);
  const picked = new Map<number, readonly Pairing[]>();
  const pickFor = (valve: Valve): readonly Pairing[] => {
    let pairings = picked.get(valve.alike.torque);
    if (!pairings) {
      const demand = demandOf(valve);
      pairings =
        families.length === 0 || valve.construction.stroke === "rising stem"
          ? [pairing(demand, null)]
          : families.map(({ acting }) => pairing(demand, pickDrive(acting, valve, demand, house)));
      picked.set(valve.alike.torque, pairings);
    }
    return pairings;
  };

  const examine = (part: CandidatePart) => (valve: Valve, pair: Pairing) =>
    raised.examine(part, {
      valve,
      drive: pair.drive,
      supplied: pair.supplied,
      pair: pair.pair,
      demand: pair.demand,
      duty: settled,
      house,
    });
  const [body, pairBlock, seatAndBody] = [
    examine("body"),
    examine("seat and drive"),
    examine("seat and body"),
  ];
  const bodies = kept((valve, pair) => joined([raised.unraised, body(valve, pair)]));
  const housings = kept((valve, pair) =>
    joined([bodies(valve.alike.body, valve, pair), seatAndBody(valve, pair)]),
  );
  const kits = kept(examine("kit"));
  const seatsAndTrims = kept(examine("seat and trim"));

  const judgePair = (valve: Valve, pair: Pairing): ProvenCandidate => {
    const { bodySeat, kit, trimSeat } = valve.alike;
    pair.examined ??= { drive: pair.drive, demand: pair.demand, block: pairBlock(valve, pair) };
    return gather(
      valve,
      pair.examined,
      housings(bodySeat, valve, pair),
      kits(kit, valve, pair),
      seatsAndTrims(trimSeat, valve, pair),
    );
  };

  const judge = (valve: Valve, drive: Drive | null) =>
    judgePair(valve, pairing(demandOf(valve), drive && supply(drive)));

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
  const firstFallen = candidates.findIndex((c) => c.fails > 0);
  const standing = firstFallen < 0 ? candidates.length : firstFallen;
  return {
    duty: one.duty,
    missing,
    dutyVerdict: missing.some((m) => m.assumption === null) ? "cannot tell" : "holds",
    candidates,
    standing,
    nearestMisses: standing === 0 ? nearest(candidates, 3) : [],
  };
}
