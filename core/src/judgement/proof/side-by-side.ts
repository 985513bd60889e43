import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import type { Offer } from "../../equipment/catalogue/shelf.ts";
import { driveKinds } from "../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import { timed } from "../rules/drive/on-air.ts";
import { timing } from "../rules/drive/timing.ts";
import { gravityOf, type Verdict } from "../rules/finding.ts";
import type { ProvenCandidate } from "./candidate.ts";
import { type DriveDescription, describeDrive } from "./describe.ts";
import { prover } from "./prover.ts";

/** The best actuator of one kind on the selected valve. */
export interface KindOnValve {
  readonly key: string;
  readonly kind: string;
  /** Whether springs drive one stroke. */
  readonly sprung: boolean;
  readonly drive: DriveDescription;
  /** Verdict on actuation and fit-up, whatever operator the duty asks for. */
  readonly verdict: Verdict;
  /** Least it has over the valve, as a fraction; null where the demand is not known. */
  readonly margin: number | null;
  /** Of the actuator with its accessories and the parts below it. */
  readonly price: number;
  readonly weightKg: number;
  /** Longest times, s; null where they are not stated, or for manual operators. */
  readonly opensS: number | null;
  readonly closesS: number | null;
  /** Free air of one full cycle, litres; null where air does not drive it. */
  readonly airL: number | null;
  /** Its failing findings of actuation and fit-up. */
  readonly cannot: readonly string[];
}

/** Spring action assumed where the duty asks for none. */
const usualSpring = "closes";

/**
 * Every kind of actuator on one valve, side by side, whatever operator the duty asks for.
 *
 * @param duty as entered
 * @param offer drives and accessories on offer
 * @param house house rules
 * @param candidate selected valve
 * @returns the drive of each kind that suits, without springs and with them, those that do it first, then by price
 * @source the same choice of a drive and the same rules as the proof, asked for each supply in turn
 */
export function sideBySide(
  duty: Duty,
  offer: Offer,
  house: HouseRules,
  { valve }: Pick<ProvenCandidate, "valve">,
): KindOnValve[] {
  const found = new Map<string, KindOnValve>();
  for (const { kind, supply, turns = "quarter turn" } of driveKinds) {
    if (turns !== valve.construction.stroke) continue;
    const families = offer.families.filter(({ family }) => family.kind === kind);
    if (families.length === 0) continue;
    const only = { ...offer, families };
    const asked: Duty = { ...duty, operator: supply };
    const judged = prover(asked, only, house);
    const spring = duty.onSupplyLoss === "opens" ? "opens" : usualSpring;
    for (const onSupplyLoss of ["stays", spring] as const) {
      const [picked] = prover({ ...asked, onSupplyLoss }, only, house).suited(valve);
      // A kind without springs, or with nothing else, is listed once.
      if (!picked?.drive || found.has(picked.key)) continue;
      if (onSupplyLoss === "stays" && picked.drive.onSupplyLoss !== "stays") continue;
      found.set(picked.key, kindOnValve(judged.judge(valve, picked.drive), picked.drive, judged.duty, house));
    }
  }
  return [...found.values()].sort((a, b) => gravityOf(a.verdict) - gravityOf(b.verdict) || a.price - b.price);
}

function kindOnValve(
  candidate: ProvenCandidate,
  drive: Drive,
  duty: ReturnType<typeof prover>["duty"],
  house: HouseRules,
): KindOnValve {
  const { demand, train, stations, findings, valve } = candidate;
  const on = { drive, demand, duty, house, fittings: train.fittings };
  const judged = findings.filter(({ station }) => station === "drive" || station === "fit-up");
  return {
    key: candidate.key,
    kind: drive.family.kind,
    sprung: drive.onSupplyLoss !== "stays",
    drive: describeDrive(drive),
    verdict: gravityOf(stations.drive) >= gravityOf(stations["fit-up"]) ? stations.drive : stations["fit-up"],
    margin: findings.find(({ rule }) => rule === "drive/strength")?.margin ?? null,
    price: candidate.price - valve.price,
    weightKg: candidate.weightKg - valve.size.weightKg,
    opensS: timing(on, "opening")?.longestS ?? null,
    closesS: timing(on, "closing")?.longestS ?? null,
    airL: timed(on)?.perCycleL ?? null,
    cannot: judged.filter(({ verdict }) => verdict === "fails").map(({ asks }) => asks),
  };
}
