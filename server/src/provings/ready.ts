import type { EntityManager } from "@mikro-orm/postgresql";
import { storedHouseRules } from "@proven-seat/core/basis/house";
import { digestOf } from "@proven-seat/core/judgement/proof";
import { LRUCache } from "lru-cache";
import { shelfHeld } from "../jobs/held.ts";
import { basisNamed } from "../store/bases.ts";
import { catalogueContent } from "../store/current.ts";
import { CatalogueVersion, HouseRuleVersion } from "../store/entities/versions.ts";
import { houseRulesOf } from "../store/stored.ts";
import type { Ready } from "./kind.ts";

/** Bases ready to prove by; the last few are held, and share a shelf where they share a catalogue. */
export function readyBases(): (em: EntityManager, id: number) => Promise<Ready> {
  const held = new LRUCache<number, Ready>({ max: 4 });
  return async (em, id) => {
    const known = held.get(id);
    if (known) return known;
    const basis = await basisNamed(em, id);
    const { revision, digest } = await em.findOneOrFail(
      CatalogueVersion,
      { revision: basis.catalogueRevision },
      { fields: ["revision", "digest"] },
    );
    const house = await em.findOneOrFail(HouseRuleVersion, { version: basis.houseRuleVersion });
    const values = houseRulesOf(house);
    const ready = {
      ...basis,
      digest: digestOf({ catalogue: digest, house: storedHouseRules(values), engine: basis.engine }),
      shelf: shelfHeld({ digest, content: await catalogueContent(em, { revision, digest }) }),
      house: values,
    };
    held.set(id, ready);
    return ready;
  };
}
