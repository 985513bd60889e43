import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import type { Offer } from "../../equipment/catalogue/shelf.ts";
import { kindOf } from "../../equipment/drives/drive-kinds.ts";
import type { Verdict } from "../rules/finding.ts";
import type { ProvenCandidate } from "./candidate.ts";
import { prover } from "./prover.ts";

/** One supply pressure and the actuator that suits at it. */
export interface SupplyStep {
  readonly lowestBarG: number;
  /** The supply pressure of the duty lies between this step and the one before, or on it. */
  readonly current: boolean;
  /** The actuator that suits at this pressure, everything else unchanged. */
  readonly key: string;
  readonly drive: string;
  readonly variant: string;
  /** Price difference to the selected actuator. */
  readonly priceStep: number;
  readonly verdict: Verdict;
  /** Verdict of the station with the selected actuator at this pressure. */
  readonly selected: Verdict;
  readonly margin: number | null;
}

export interface SupplyLadder {
  readonly of: "air" | "oil";
  readonly steps: readonly SupplyStep[];
  /** Highest step at which the selected actuator fails as pressure falls; null where it fails at none. */
  readonly givesUpBarG: number | null;
}

const supplies = {
  pneumatic: { of: "air", lowest: "airMinimumBarG", highest: "airMaximumBarG", from: 2, to: 10, step: 0.5 },
  hydraulic: { of: "oil", lowest: "oilMinimumBarG", highest: "oilMaximumBarG", from: 40, to: 240, step: 20 },
} as const;

/**
 * What each step of the lowest supply pressure saves or costs: the actuator that suits at it, and whether the selected
 * one still does.
 *
 * @param duty as entered; its highest supply stays where it is, or rises with the lowest
 * @param offer drives on offer
 * @param house house rules
 * @param candidate selected valve and actuator
 * @returns a step for each pressure, rising, that of the duty among them; null where no pressure turns it
 * @source the same choice of a drive and the same rules as the proof
 */
export function supplyLadder(
  duty: Duty,
  offer: Offer,
  house: HouseRules,
  { valve, drive, price }: Pick<ProvenCandidate, "valve" | "drive" | "price">,
): SupplyLadder | null {
  if (!drive) return null;
  const { supply } = kindOf(drive.family);
  const kind = supplies[supply as keyof typeof supplies];
  if (!kind) return null;
  const now = prover(duty, offer, house).duty;
  const [nowBarG, maximum] = [now[kind.lowest], now[kind.highest]];
  const pressures = new Set([nowBarG]);
  for (let bar = kind.from; bar <= kind.to + 1e-9; bar += kind.step) pressures.add(bar);
  const steps = [...pressures]
    .sort((a, b) => a - b)
    .map((lowestBarG): SupplyStep => {
      const dutyAt = { ...duty, [kind.lowest]: lowestBarG, [kind.highest]: Math.max(maximum, lowestBarG) };
      const proving = prover(dutyAt, offer, house);
      const picked = proving.suited(valve).find((c) => c.drive && kindOf(c.drive.family).supply === supply)!;
      const held = proving.judge(valve, drive);
      const strength = held.findings.find((f) => f.rule === "drive/strength");
      return {
        lowestBarG,
        current: lowestBarG === nowBarG,
        key: picked.key,
        drive: picked.drive!.sizeId,
        variant: picked.drive!.variant,
        priceStep: picked.price - price,
        verdict: picked.stations.drive,
        selected: held.stations.drive,
        margin: strength?.margin ?? null,
      };
    });
  const below = steps.filter((s) => s.lowestBarG < nowBarG && s.selected === "fails");
  return { of: kind.of, steps, givesUpBarG: below.at(-1)?.lowestBarG ?? null };
}
