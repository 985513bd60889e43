import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import type { Offer } from "../../equipment/catalogue/shelf.ts";
import { kindOf } from "../../equipment/drives/drive-kinds.ts";
import type { Verdict } from "../rules/finding.ts";
import type { ProvenCandidate } from "./candidate.ts";
import { prover } from "./prover.ts";

/** One pressure of the supply, and what would do at it. */
export interface SupplyStep {
  readonly lowestBarG: number;
  /** The pressure the duty goes by stands between this step and the one before, or on it. */
  readonly current: boolean;
  /** The drive that suits at this pressure, everything else as it is. */
  readonly key: string;
  readonly drive: string;
  readonly variant: string;
  /** Price over that of the drive in hand. */
  readonly priceStep: number;
  readonly verdict: Verdict;
  /** Verdict of the station with the drive in hand at this pressure. */
  readonly inHand: Verdict;
  readonly margin: number | null;
}

export interface SupplyLadder {
  readonly of: "air" | "oil";
  readonly steps: readonly SupplyStep[];
  /** Highest step of the ladder at which the drive in hand gives up going down; null where it gives up on none. */
  readonly givesUpBarG: number | null;
}

const supplies = {
  pneumatic: { of: "air", lowest: "airMinimumBarG", highest: "airMaximumBarG", from: 2, to: 10, step: 0.5 },
  hydraulic: { of: "oil", lowest: "oilMinimumBarG", highest: "oilMaximumBarG", from: 40, to: 240, step: 20 },
} as const;

/**
 * What each step of the lowest supply would save or cost: the drive that suits at it, and whether the one in hand would
 * still do.
 *
 * @param duty as entered; its highest supply stays where it is, or rises with the lowest
 * @param offer drives on offer
 * @param house house rules
 * @param candidate valve and drive in hand
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
  const [nowBarG, most] = [now[kind.lowest], now[kind.highest]];
  const pressures = new Set([nowBarG]);
  for (let bar = kind.from; bar <= kind.to + 1e-9; bar += kind.step) pressures.add(bar);
  const steps = [...pressures]
    .sort((a, b) => a - b)
    .map((lowestBarG): SupplyStep => {
      const at = { ...duty, [kind.lowest]: lowestBarG, [kind.highest]: Math.max(most, lowestBarG) };
      const proving = prover(at, offer, house);
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
        inHand: held.stations.drive,
        margin: strength?.margin ?? null,
      };
    });
  const below = steps.filter((s) => s.lowestBarG < nowBarG && s.inHand === "fails");
  return { of: kind.of, steps, givesUpBarG: below.at(-1)?.lowestBarG ?? null };
}
