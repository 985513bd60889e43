import type { Fitted } from "../../equipment/accessories/fittings.ts";
import type { DriveTrain } from "../../equipment/catalogue/drive-train.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import type { TorqueDemand } from "../../mechanics/torque/demand.ts";
import type { RuleStation, Verdict } from "../rules/finding.ts";
import { Finding } from "../rules/found.ts";
import type { Pairing } from "./pairing.ts";
import { type Block, findingsOf, graver, type HeldBack, leastOf, stationVerdicts } from "./sharing/block.ts";
import type { Found } from "./sharing/shared-findings.ts";

/** A valve with its operator and every finding on them. */
export interface ProvenCandidate {
  readonly key: string;
  readonly valve: Valve;
  readonly train: DriveTrain;
  readonly drive: Drive | null;
  readonly demand: TorqueDemand;
  /** Accessories mounted on the actuator; none where the shelf has none that fit. */
  readonly fitted: readonly Fitted[];
  readonly findings: readonly Finding[];
  readonly failing: readonly Finding[];
  readonly verdict: Verdict;
  readonly stations: Readonly<Record<RuleStation, Verdict>>;
  readonly fails: number;
  readonly cannotTell: number;
  readonly tight: number;
  /** The mild ones among `tight`: a limit that is not stated, money, care. */
  readonly mild: number;
  /** The limiting finding: the gravest, then the one with the least margin. */
  readonly heldBackBy: Finding | null;
  /** Least margin among limits in per cent, as a fraction; null when none has a margin. */
  readonly leastMargin: number | null;
  /** Least margin over the margin wanted, of limits in any unit; null when none has a margin. */
  readonly leastReserve: number | null;
  /** Sum by which failing limits are missed, as a fraction; fifty kelvin, or a fail without a margin, count 1. */
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
 * @example candidateKey("v", null) // → "v + bare stem"
 */
export function candidateKey(valve: string, drive: string | null): string {
  return `${valve} + ${drive ?? bareStem}`;
}

const bareStem = "bare stem";

/**
 * The keys of valve and drive in a candidate's key.
 *
 * @param key from `candidateKey`
 * @returns both keys, the drive's null for a bare stem
 * @example keysIn("v + bare stem").drive // → null
 */
export function keysIn(key: string): { readonly valve: string; readonly drive: string | null } {
  const index = key.lastIndexOf(" + ");
  const drive = key.slice(index + 3);
  return { valve: key.slice(0, index), drive: drive === bareStem ? null : drive };
}

/**
 * A candidate by its counts, which ranking needs for every candidate. Key, verdicts and findings are assembled when
 * they are read: keeping them for thousands of candidates would cost more.
 */
export class CountedCandidate implements ProvenCandidate {
  readonly valve: Valve;
  readonly fails: number;
  readonly cannotTell: number;
  readonly tight: number;
  readonly mild: number;
  readonly shortfall: number;
  readonly price: number;
  readonly #pairing: Pairing;
  readonly #found: Found;

  constructor(valve: Valve, pairing: Pairing, found: Found) {
    let [fails, cannotTell, tight, mild, shortfall] = [0, 0, 0, 0, 0];
    const { tops } = found;
    for (let i = 0; i < tops.length; i++) {
      const block = tops[i]!.of(valve, pairing);
      fails += block.fails;
      cannotTell += block.cannotTell;
      tight += block.tight;
      mild += block.mild;
      shortfall += block.shortfall;
    }
    this.valve = valve;
    this.fails = fails;
    this.cannotTell = cannotTell;
    this.tight = tight;
    this.mild = mild;
    this.shortfall = shortfall;
    this.price = valve.price + pairing.price;
    this.#pairing = pairing;
    this.#found = found;
  }

  get train(): DriveTrain {
    return this.#pairing.train;
  }

  get drive(): Drive | null {
    return this.#pairing.train.drive;
  }

  get fitted(): readonly Fitted[] {
    return this.#pairing.fitted;
  }

  get demand(): TorqueDemand {
    return this.#pairing.demand;
  }

  get key(): string {
    return candidateKey(this.valve.key, this.drive?.key ?? null);
  }

  get #blocks(): readonly Block[] {
    return this.#found.tops.map((top) => top.of(this.valve, this.#pairing));
  }

  get heldBackBy(): Finding | null {
    const held = this.#blocks.reduce<HeldBack | null>((previous, b) => graver(previous, b.heldBackBy), null);
    return held && new Finding(this.#found.rules[held.at]!, held.outcome);
  }

  get verdict(): Verdict {
    if (this.fails > 0) return "fails";
    if (this.cannotTell > 0) return "cannot tell";
    return this.tight > 0 ? "tight" : (this.heldBackBy?.verdict ?? "not asked");
  }

  get leastMargin(): number | null {
    return this.#blocks.reduce<number | null>((least, b) => leastOf(least, b.leastMargin), null);
  }

  get leastReserve(): number | null {
    return this.#blocks.reduce<number | null>((least, b) => leastOf(least, b.leastReserve), null);
  }

  get breakNm(): number | null {
    return this.demand.covering?.opening[0] ?? null;
  }

  get weightKg(): number {
    return this.valve.size.weightKg + this.#pairing.weightKg;
  }

  get stations(): Record<RuleStation, Verdict> {
    return stationVerdicts(this.findings);
  }

  get findings(): readonly Finding[] {
    return findingsOf(this.#blocks, this.#found.rules);
  }

  get failing(): readonly Finding[] {
    return this.findings.filter((f) => f.verdict === "fails");
  }
}
