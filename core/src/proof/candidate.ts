import type { Drive } from "../catalogue/drive.ts";
import type { Valve } from "../catalogue/valve.ts";
import { type Finding, gravityOf, type RuleStation, type Verdict } from "../rules/finding.ts";
import type { TorqueDemand } from "../torque/demand.ts";

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
 * Gathers a candidate's findings into its verdicts and counts.
 *
 * @param valve the valve
 * @param drive its drive, null for a bare stem
 * @param demand torque demand in the duty, N·m
 * @param findings one for each rule
 * @returns the proven candidate
 * @throws never
 * @source gravest finding decides
 * @example gather(valve, drive, demand, []).verdict // → "not asked"
 */
export function gather(
  valve: Valve,
  drive: Drive | null,
  demand: TorqueDemand,
  findings: readonly Finding[],
): ProvenCandidate {
  const stations: Record<RuleStation, Verdict> = {
    body: "not asked",
    envelope: "not asked",
    torque: "not asked",
    drive: "not asked",
    "fit-up": "not asked",
  };
  let fails = 0;
  let cannotTell = 0;
  let tight = 0;
  let shortfall = 0;
  let leastMargin: number | null = null;
  let heldBackBy: Finding | null = null;
  let held = -1;
  for (const finding of findings) {
    const { verdict, station, margin } = finding;
    if (verdict === "not asked") continue;
    const gravity = gravityOf(verdict);
    if (gravity > gravityOf(stations[station])) stations[station] = verdict;
    const inPercent = finding.marginUnit === "%" && margin !== null;
    if (verdict === "fails") {
      fails++;
      shortfall += inPercent ? -margin : 1;
    } else if (verdict === "cannot tell") cannotTell++;
    else if (verdict === "tight") tight++;
    // A limit that is held and wants no margin says nothing about how close the candidate is.
    if (verdict === "holds" && !finding.marginWanted) {
      if (held < 0) {
        heldBackBy = finding;
        held = 0;
      }
      continue;
    }
    if (inPercent && (leastMargin === null || margin < leastMargin)) leastMargin = margin;
    if (gravity > held || (gravity === held && comparableMargin(finding) < comparableMargin(heldBackBy!))) {
      heldBackBy = finding;
      held = gravity;
    }
  }
  return {
    key: candidateKey(valve.key, drive?.key ?? null),
    valve,
    drive,
    demand,
    findings,
    verdict: heldBackBy?.verdict ?? "not asked",
    stations,
    fails,
    cannotTell,
    tight,
    heldBackBy,
    leastMargin,
    shortfall,
    breakNm: demand.hardest?.demand.breakToOpenNm ?? null,
    price: valve.price + (drive?.price ?? 0),
    weightKg: valve.size.weightKg + (drive?.weightKg ?? 0),
  };
}

/** Kelvin are set against a hundred so that a few kelvin weigh like a few per cent. */
function comparableMargin(finding: Finding): number {
  if (finding.margin === null) return finding.verdict === "holds" ? Number.POSITIVE_INFINITY : 0;
  return finding.marginUnit === "K" ? finding.margin / 100 : finding.margin;
}
