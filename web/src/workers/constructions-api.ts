import { constructionNamed } from "@proven-seat/core/construction/bodies";
import { settle } from "@proven-seat/core/duty";
import { seatName } from "@proven-seat/core/equipment/catalogue";
import { offerFor } from "@proven-seat/core/equipment/on-site";
import { byConstruction } from "@proven-seat/core/judgement/by-construction";
import {
  type AirPicture,
  airPicture,
  constructionsIn,
  heldBy,
  prover,
  type SeatStep,
  type SupplyLadder,
  seatLadder,
  supplyLadder,
} from "@proven-seat/core/judgement/proof";
import { type StallChance, stallChance } from "@proven-seat/core/mechanics/torque";
import { candidateOf, type Proving } from "./proving.ts";

import type { ByConstructionRow, ConstructionRow } from "./views.ts";

/** Every construction with what the catalogue offers of it. */
export function constructionRows({ proof }: Proving): ConstructionRow[] {
  return constructionsIn(proof).map(({ construction, considered, standing, best, fallsOn }) => ({
    id: construction.id,
    name: construction.name,
    considered,
    standing,
    key: best?.key ?? null,
    verdict: best?.verdict ?? "not asked",
    fallsOn: heldBy(fallsOn),
  }));
}

/** What a construction could be built as, when no line offers one that stands. */
export function byConstructionRow({ duty, house, alone }: Proving, id: string): ByConstructionRow | null {
  const found = byConstruction(constructionNamed(id)!, duty, house);
  if (found === null) return null;
  const { candidate, failing } = found;
  const { valve } = candidate;
  alone.set(candidate.key, candidate);
  return {
    key: candidate.key,
    stands: failing.length === 0,
    fallsOn: heldBy(failing[0] ?? null),
    words: [
      valve.construction.name,
      `DN ${valve.size.dn}`,
      valve.size.designation,
      settle(duty, house).endConnection,
      `body ${valve.grade.grade}`,
      `trim ${valve.trim.name}`,
      `seat ${seatName(valve.seat)}`,
      valve.seals.name,
      `bolting ${valve.bolting.name}`,
      ...(valve.cavity.id === "none" ? [] : [valve.cavity.name]),
    ].join(", "),
  };
}

/** Seats the line of a candidate offers, coolest first. */
export function ladderOf(proving: Proving, key: string): SeatStep[] {
  const { duty, shelf, house } = proving;
  const candidate = candidateOf(proving, key);
  if (!candidate || duty.dn === null) return [];
  const one = prover(duty, shelf, house);
  return seatLadder(one, candidate, offerFor(duty, shelf).valvesFor(duty.dn));
}

/** So many trials, and always the same: the same digits for every reader. */
const chanceOf = { trials: 100_000, seed: 4180 } as const;

/** Chance that the drive of a candidate stalls; null for a bare stem, or where the demand is not known. */
export function stallOf({ duty, house, ...proving }: Proving, key: string): StallChance | null {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  if (!candidate?.drive) return null;
  const { valve, drive, demand } = candidate;
  return stallChance({ valve, drive, demand }, settle(duty, house), house, chanceOf);
}

/** What each step of the lowest supply would save or cost; null where no pressure turns the candidate. */
export function suppliesOf(proving: Proving, key: string): SupplyLadder | null {
  const candidate = candidateOf(proving, key);
  if (!candidate) return null;
  return supplyLadder(proving.duty, proving.shelf, proving.house, candidate);
}

/** What the air of a candidate does; null where none drives it. */
export function airOf({ duty, house, ...proving }: Proving, key: string): AirPicture | null {
  const candidate = candidateOf({ duty, house, ...proving }, key);
  return candidate ? airPicture(candidate, settle(duty, house), house, proving.shelf.accessories) : null;
}
