import type { Drive } from "../catalogue/drive.ts";
import type { Valve } from "../catalogue/valve.ts";
import type { Finding, RuleStation, Verdict } from "../rules/finding.ts";
import type { TorqueDemand } from "../torque/demand.ts";
import { type Block, graver, joined, leastOf, stationVerdicts } from "./block.ts";

/** A valve with a drive and every finding on them. */
export interface ProvenCandidate {
  readonly key: string;
  readonly valve: Valve;
  readonly drive: Drive | null;
  readonly demand: TorqueDemand;
  readonly findings: readonly Finding[];
  readonly verdict: Verdict;
  readonly stations: Readonly<Record<RuleStation, Verdict>>;
  readonly fails: number;
  readonly cannotTell: number;
  readonly tight: number;
  /** The finding that holds it back: the gravest, then the one with the least margin. */
  readonly heldBackBy: Finding | null;
  /** Least margin among limits in per cent, as a fraction; null when none has a margin. */
  readonly leastMargin: number | null;
  /** Sum of what the failing limits are missed by, as a fraction; a fail without a margin counts 1. */
  readonly shortfall: number;
  readonly breakNm: number | null;
  readonly price: number;
  readonly weightKg: number;
}

/**
 * Key of a valve with a drive.
 *
 * @param valve valve key
 * @param drive drive key, null for a bare stem
 * @returns a key that finds the candidate again in the same catalogue
 * @throws never
 * @source none
 * @example candidateKey("v", null) // → "v + bare stem"
 */
export function candidateKey(valve: string, drive: string | null): string {
  return `${valve} + ${drive ?? "bare stem"}`;
}

/**
 * A candidate put together from two blocks: its size, seat and drive, and its materials. What only a
 * reader needs (key, stations, the list of findings) is put together when it is read.
 */
class Gathered implements ProvenCandidate {
  readonly valve: Valve;
  readonly drive: Drive | null;
  readonly demand: TorqueDemand;
  readonly verdict: Verdict;
  readonly fails: number;
  readonly cannotTell: number;
  readonly tight: number;
  readonly heldBackBy: Finding | null;
  readonly leastMargin: number | null;
  readonly shortfall: number;
  readonly price: number;
  readonly sized: Block;
  readonly made: Block;

  constructor(valve: Valve, drive: Drive | null, demand: TorqueDemand, sized: Block, made: Block) {
    this.valve = valve;
    this.drive = drive;
    this.demand = demand;
    const held = graver(sized.heldBackBy, made.heldBackBy);
    this.verdict = held === null ? "not asked" : held.finding.verdict;
    this.fails = sized.fails + made.fails;
    this.cannotTell = sized.cannotTell + made.cannotTell;
    this.tight = sized.tight + made.tight;
    this.heldBackBy = held === null ? null : held.finding;
    this.leastMargin = leastOf(sized.leastMargin, made.leastMargin);
    this.shortfall = sized.shortfall + made.shortfall;
    this.price = valve.price + (drive === null ? 0 : drive.price);
    this.sized = sized;
    this.made = made;
  }

  get key(): string {
    return candidateKey(this.valve.key, this.drive?.key ?? null);
  }

  get breakNm(): number | null {
    return this.demand.hardest?.demand.breakToOpenNm ?? null;
  }

  get weightKg(): number {
    return this.valve.size.weightKg + (this.drive?.weightKg ?? 0);
  }

  get stations(): Record<RuleStation, Verdict> {
    return stationVerdicts(joined(this.sized, this.made).gravities);
  }

  get findings(): readonly Finding[] {
    return [...this.sized.findings, ...this.made.findings]
      .sort((x, y) => x.at - y.at)
      .map(({ finding }) => finding);
  }
}

/**
 * Puts a candidate together from the blocks of its findings.
 *
 * @param valve the valve
 * @param drive its drive, null for a bare stem
 * @param demand torque demand in the duty, N·m
 * @param sized findings on size, seat and drive
 * @param made findings on body, trim and seals
 * @returns the proven candidate; `findings` stand in the order of the rules
 * @throws never
 * @source gravest finding decides
 * @example gather(valve, drive, demand, blockOf([]), blockOf([])).verdict // → "not asked"
 */
export function gather(
  valve: Valve,
  drive: Drive | null,
  demand: TorqueDemand,
  sized: Block,
  made: Block,
): ProvenCandidate {
  return new Gathered(valve, drive, demand, sized, made);
}
