import { driveTrain } from "../catalogue/drive-train.ts";
import { type Numbering, numbering } from "../catalogue/identity.ts";
import type { Offer } from "../catalogue/shelf.ts";
import type { Valve } from "../catalogue/valve.ts";
import type { Drive } from "../drives/index.ts";
import type { Duty } from "../duty/duty.ts";
import { type SettledDuty, settle } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import { rules as allRules } from "../rules/index.ts";
import type { Rule } from "../rules/rule.ts";
import { torqueDemand } from "../torque/demand.ts";
import { serviceFactor } from "../torque/service-factor.ts";
import { CountedCandidate, type Pairing, type ProvenCandidate } from "./candidate.ts";
import { acts, drivesActing, pickDrive } from "./pick-drive.ts";
import { type Found, pairedAlike, sharedFindings } from "./sharing/shared-findings.ts";

/** Proves candidates of one duty; findings and demands that candidates share are made once. */
export interface Prover {
  readonly duty: SettledDuty;
  readonly candidates: () => ProvenCandidate[];
  readonly judge: (valve: Valve, drive: Drive | null) => ProvenCandidate;
  /** Every drive of the families the duty allows, for one valve. */
  readonly drivesFor: (valve: Valve) => ProvenCandidate[];
}

interface Known {
  readonly found: Found;
  /** Column of keys of what decides the torque. */
  readonly turned: number;
  readonly picked: Map<number, readonly Pairing[]>;
}

/**
 * Sets up the proving of one duty against what is offered.
 *
 * @param duty as entered: bar g, °C
 * @param offer valves by size and families of drives: a compiled catalogue, or less
 * @param house house rules
 * @param rules in the order of the work; all there are, where not given
 * @returns the prover; with no size stated it has no candidates
 * @source duty → candidates → findings
 */
export function prover(
  duty: Duty,
  offer: Offer,
  house: HouseRules,
  rules: readonly Rule[] = allRules,
): Prover {
  const settled = settle(duty, house);
  const factor = serviceFactor(settled, house);
  const trains = numbering();
  /** Drive trains by their drive: the same few are tried on thousands of valves. */
  const byDrive = new Map<Drive | null, Pick<Pairing, "train" | "identity">>();
  const trainOf = (drive: Drive | null) => {
    const made = byDrive.get(drive) ?? {
      train: driveTrain(drive, settled),
      identity: trains.ofTrain({ drive }),
    };
    byDrive.set(drive, made);
    return made;
  };
  const demandOf = (valve: Valve) => torqueDemand(valve, settled, house, factor);
  const pairing = (drive: Drive | null, demand: Pairing["demand"]): Pairing => {
    const { train, identity } = trainOf(drive);
    return { train, identity, demand };
  };
  const allowed = offer.families.filter(
    ({ supply }) => settled.operator === "any" || settled.operator === supply,
  );
  const families = allowed
    .filter(
      (family) =>
        acts(family, duty.onSupplyLoss) ||
        !allowed.some((other) => other.supply === family.supply && acts(other, duty.onSupplyLoss)),
    )
    .map(({ drives }) => ({
      all: drives,
      acting: drivesActing(drives, duty.onSupplyLoss).map((drive) => trainOf(drive).train.supplied!),
    }));
  const offBench = (valve: Valve) => families.length === 0 || valve.construction.stroke === "rising stem";

  /** What is found and picked for valves of one numbering. */
  const known = new Map<Numbering, Known>();
  const knownOf = ({ identity: { by } }: Valve): Known => {
    let so = known.get(by);
    if (so === undefined) {
      so = {
        found: sharedFindings(rules, settled, house, by, trains),
        turned: by.column(pairedAlike),
        picked: new Map(),
      };
      known.set(by, so);
    }
    return so;
  };
  const pickFor = (valve: Valve, { turned, picked }: Known): readonly Pairing[] => {
    const key = valve.identity.keys[turned] ?? valve.identity.by.key(valve.identity, turned);
    let pairings = picked.get(key);
    if (pairings === undefined) {
      const demand = demandOf(valve);
      pairings = offBench(valve)
        ? [pairing(null, demand)]
        : families.map(({ acting }) => pairing(pickDrive(acting, valve, demand, house).drive, demand));
      picked.set(key, pairings);
    }
    return pairings;
  };
  const judge = (valve: Valve, drive: Drive | null): ProvenCandidate => {
    const { found } = knownOf(valve);
    return new CountedCandidate(valve, pairing(drive, demandOf(valve)), found);
  };

  return {
    duty: settled,
    judge,
    candidates: () => {
      const candidates: ProvenCandidate[] = [];
      if (duty.dn === null) return candidates;
      for (const valve of offer.valvesFor(duty.dn)) {
        const so = knownOf(valve);
        const pairings = pickFor(valve, so);
        for (const pair of pairings) candidates.push(new CountedCandidate(valve, pair, so.found));
      }
      return candidates;
    },
    drivesFor: (valve) =>
      offBench(valve)
        ? [judge(valve, null)]
        : families.flatMap(({ all }) => all.map((drive) => judge(valve, drive))),
  };
}
