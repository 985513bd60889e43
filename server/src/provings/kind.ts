import type { EntityManager } from "@mikro-orm/postgresql";
import type { HouseRules } from "@proven-seat/core/basis/house";
import type { Shelf } from "@proven-seat/core/equipment/catalogue";
import type { Basis } from "../store/bases.ts";

/** A basis ready to prove by. */
export interface Ready extends Basis {
  /** Everything a proof depends on besides duty and selection. */
  readonly digest: string;
  readonly shelf: Shelf;
  readonly house: HouseRules;
}

/** Something of a project that is proved as a job. */
export interface ProvingKind {
  /** Ids of the records without a current result, similar ones next to each other. */
  readonly stale: (em: EntityManager, project: string, basis: number) => Promise<readonly string[]>;
  /** How many `stale` would give. */
  readonly countStale: (em: EntityManager, project: string, basis: number) => Promise<number>;
  /** Whether anything was found by a basis since then. */
  readonly foundSince: (em: EntityManager, project: string, basis: number, since: string) => Promise<boolean>;
  /** Proves some of them and stores the results; a record with a current result is skipped. */
  readonly prove: (
    em: EntityManager,
    ids: readonly string[],
    by: Ready,
    /** Asked after each record; false ends the work, and finished records are kept. */
    wanted: () => Promise<boolean>,
  ) => Promise<void>;
}
