import { constructionNamed } from "@proven-seat/core/construction/bodies";
import { settle } from "@proven-seat/core/duty";
import { seatName } from "@proven-seat/core/equipment/catalogue";
import { byConstruction } from "@proven-seat/core/judgement/by-construction";
import { constructionsIn, heldBy } from "@proven-seat/core/judgement/proof";
import type { Proving } from "./proving.ts";
import type { ByConstructionRow, ConstructionRow } from "./views.ts";

/** Every construction with the catalogue's offers of it. */
export function constructionRows({ proof }: Proving): ConstructionRow[] {
  return constructionsIn(proof).map(({ construction, considered, standing, cannotTell, best, fallsOn }) => ({
    id: construction.id,
    name: construction.name,
    considered,
    standing,
    cannotTell,
    key: best?.key ?? null,
    verdict: best?.verdict ?? "not asked",
    fallsOn: heldBy(fallsOn),
  }));
}

/** How a construction could be built, when no line offers a suitable one. */
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
