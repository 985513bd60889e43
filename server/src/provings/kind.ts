import type { EntityManager } from "@mikro-orm/postgresql";
import type { HouseRules } from "@proven-seat/core/basis/house";
import type { Shelf } from "@proven-seat/core/equipment/catalogue";
import type { Basis } from "../store/bases.ts";

/** A basis ready to prove by. */
export interface Ready extends Basis {
  /** Of everything a proof by it is made of besides the duty and the choice. */
  readonly digest: string;
  readonly shelf: Shelf;
  readonly house: HouseRules;
}

/** Something of a project that is proved as a job. */
export interface ProvingKind {
  /** Ids of what has no current result by a basis, what is alike next to each other. */
  readonly stale: (em: EntityManager, project: string, basis: number) => Promise<readonly string[]>;
  /** How many `stale` would give. */
  readonly countStale: (em: EntityManager, project: string, basis: number) => Promise<number>;
  /** Whether anything was found by a basis since then. */
  readonly foundSince: (em: EntityManager, project: string, basis: number, since: string) => Promise<boolean>;
  /** Proves some of them and stores what was found; what has a current result by now is passed over. */
  readonly prove: (
    em: EntityManager,
    ids: readonly string[],
    by: Ready,
    /** Asked between one and the next; false ends it, and what was done is kept. */
    wanted: () => Promise<boolean>,
  ) => Promise<void>;
}
