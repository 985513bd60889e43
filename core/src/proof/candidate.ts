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
 * A candidate put together from the blocks of its parts. Ranked by what is counted at once; what a reader
 * needs (key, verdicts, findings, what holds it back) is put together when it is read.
 */
class Gathered implements ProvenCandidate {
  readonly valve: Valve;
  readonly fails: number;
  readonly cannotTell: number;
  readonly tight: number;
  readonly shortfall: number;
  readonly price: number;
  // Fields, not a list: a proof makes thousands of these, and a list would be a second object for each.
  readonly #pairing: ExaminedPairing;
  readonly #housing: Block;
  readonly #kit: Block;
  readonly #seatAndTrim: Block;

  constructor(valve: Valve, pairing: ExaminedPairing, housing: Block, kit: Block, seatAndTrim: Block) {
    const { block: pair, drive } = pairing;
    this.valve = valve;
    this.fails = housing.fails + kit.fails + pair.fails + seatAndTrim.fails;
    this.cannotTell = housing.cannotTell + kit.cannotTell + pair.cannotTell + seatAndTrim.cannotTell;
    this.tight = housing.tight + kit.tight + pair.tight + seatAndTrim.tight;
    this.shortfall = housing.shortfall + kit.shortfall + pair.shortfall + seatAndTrim.shortfall;
    this.price = valve.price + (drive === null ? 0 : drive.price);
    this.#pairing = pairing;
    this.#housing = housing;
    this.#kit = kit;
    this.#seatAndTrim = seatAndTrim;
  }

  get drive(): Drive | null {
    return this.#pairing.drive;
  }

  get demand(): TorqueDemand {
    return this.#pairing.demand;
  }

  get key(): string {
    return candidateKey(this.valve.key, this.drive?.key ?? null);
  }

  get #blocks(): readonly [Block, Block, Block, Block] {
    return [this.#housing, this.#kit, this.#pairing.block, this.#seatAndTrim];
  }

  get heldBackBy(): Finding | null {
    return (
      this.#blocks.reduce<HeldBack | null>((held, b) => graver(held, b.heldBackBy), null)?.finding ?? null
    );
  }

  get verdict(): Verdict {
    return this.fails > 0 ? "fails" : (this.heldBackBy?.verdict ?? "not asked");
  }

  get leastMargin(): number | null {
    return this.#blocks.reduce<number | null>((least, b) => leastOf(least, b.leastMargin), null);
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
    return findingsOf(this.#blocks);
  }

  get failing(): readonly Finding[] {
    return this.findings.filter((f) => f.verdict === "fails");
  }
}

/** A seat at its size with a drive: torque demand, and what was found on the two together. */
export interface ExaminedPairing {
  readonly drive: Drive | null;
  readonly demand: TorqueDemand;
  readonly block: Block;
}

/**
 * Puts a candidate together from the blocks of its findings; every rule stands in one of them.
 *
 * @param valve the valve
 * @param pairing its seat with its drive
 * @param housing findings on the body and on body with seat, and those the duty does not raise
 * @param kit findings on trim and seals
 * @param seatAndTrim findings on seat with trim
 * @returns the proven candidate; `findings` stand in the order of the rules
 * @throws never
 * @source gravest finding decides
 * @example gather(valve, pairing, housing, kit, seatAndTrim).findings.length === rules.length
 */
export function gather(
  valve: Valve,
  pairing: ExaminedPairing,
  housing: Block,
  kit: Block,
  seatAndTrim: Block,
): ProvenCandidate {
  return new Gathered(valve, pairing, housing, kit, seatAndTrim);
}
