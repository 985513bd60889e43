import type { Drive } from "../catalogue/drive.ts";
import type { Valve } from "../catalogue/valve.ts";
import type { Finding, RuleStation, Verdict } from "../rules/finding.ts";
import type { TorqueDemand } from "../torque/demand.ts";
import { type Block, findingsOf, graver, type HeldBack, leastOf, stationVerdicts } from "./block.ts";

/** A valve with a drive and every finding on them. */
export interface ProvenCandidate {
  readonly key: string;
  readonly valve: Valve;
  readonly drive: Drive | null;
  readonly demand: TorqueDemand;
  readonly findings: readonly Finding[];
  readonly failing: readonly Finding[];
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
 * A candidate put together from the blocks of its parts. What only a reader needs (key, stations, the
 * list of findings) is put together when it is read.
 */
class Gathered implements ProvenCandidate {
  readonly valve: Valve;
  readonly drive: Drive | null;
  readonly demand: TorqueDemand;
  readonly fails: number;
  readonly cannotTell: number;
  readonly tight: number;
  readonly leastMargin: number | null;
  readonly shortfall: number;
  readonly price: number;
  readonly #held: HeldBack | null;
  // Fields, not a list: a proof makes thousands of these, and a list would be a second object for each.
  readonly #unraised: Block;
  readonly #body: Block;
  readonly #kit: Block;
  readonly #pair: Block;
  readonly #seatAndBody: Block;
  readonly #seatAndTrim: Block;

  constructor(valve: Valve, drive: Drive | null, demand: TorqueDemand, of: CandidateBlocks) {
    const { unraised, body, kit, pair, seatAndBody, seatAndTrim } = of;
    this.valve = valve;
    this.drive = drive;
    this.demand = demand;
    this.fails = body.fails + kit.fails + pair.fails + seatAndBody.fails + seatAndTrim.fails;
    this.cannotTell =
      body.cannotTell + kit.cannotTell + pair.cannotTell + seatAndBody.cannotTell + seatAndTrim.cannotTell;
    this.tight = body.tight + kit.tight + pair.tight + seatAndBody.tight + seatAndTrim.tight;
    this.leastMargin = leastOf(
      leastOf(leastOf(body.leastMargin, kit.leastMargin), leastOf(pair.leastMargin, seatAndBody.leastMargin)),
      seatAndTrim.leastMargin,
    );
    this.shortfall =
      body.shortfall + kit.shortfall + pair.shortfall + seatAndBody.shortfall + seatAndTrim.shortfall;
    this.price = valve.price + (drive === null ? 0 : drive.price);
    this.#held = graver(
      graver(graver(body.heldBackBy, kit.heldBackBy), graver(pair.heldBackBy, seatAndBody.heldBackBy)),
      seatAndTrim.heldBackBy,
    );
    this.#unraised = unraised;
    this.#body = body;
    this.#kit = kit;
    this.#pair = pair;
    this.#seatAndBody = seatAndBody;
    this.#seatAndTrim = seatAndTrim;
  }

  get key(): string {
    return candidateKey(this.valve.key, this.drive?.key ?? null);
  }

  get verdict(): Verdict {
    return this.#held === null ? "not asked" : this.#held.finding.verdict;
  }

  get heldBackBy(): Finding | null {
    return this.#held === null ? null : this.#held.finding;
  }

  get breakNm(): number | null {
    return this.demand.hardest?.demand.breakToOpenNm ?? null;
  }

  get weightKg(): number {
    return this.valve.size.weightKg + (this.drive?.weightKg ?? 0);
  }

  get stations(): Record<RuleStation, Verdict> {
    return stationVerdicts(this.findings);
  }

  get findings(): readonly Finding[] {
    return findingsOf([
      this.#unraised,
      this.#body,
      this.#kit,
      this.#pair,
      this.#seatAndBody,
      this.#seatAndTrim,
    ]);
  }

  get failing(): readonly Finding[] {
    return this.findings.filter((f) => f.verdict === "fails");
  }
}

/** Blocks of findings a candidate is put together from, by what they hang on. */
export interface CandidateBlocks {
  /** Rules the duty raises of no valve. */
  readonly unraised: Block;
  readonly body: Block;
  /** Trim and seals. */
  readonly kit: Block;
  /** Seat at its size with the drive. */
  readonly pair: Block;
  readonly seatAndBody: Block;
  readonly seatAndTrim: Block;
}

/**
 * Puts a candidate together from the blocks of its findings.
 *
 * @param valve the valve
 * @param drive its drive, null for a bare stem
 * @param demand torque demand in the duty, N·m
 * @param of findings on its parts
 * @returns the proven candidate; `findings` stand in the order of the rules
 * @throws never
 * @source gravest finding decides
 * @example gather(valve, drive, demand, blocks).findings.length === rules.length
 */
export function gather(
  valve: Valve,
  drive: Drive | null,
  demand: TorqueDemand,
  of: CandidateBlocks,
): ProvenCandidate {
  return new Gathered(valve, drive, demand, of);
}
