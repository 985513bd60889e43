import { records } from "./table.ts";
import { bolting as table } from "./tables/bolting.ts";

/** Body bolting with its temperature range and where it may be exposed. */
export interface Bolting {
  readonly id: string;
  /** Grade for its proof stress in `joint-bolting`; null where no standard figure applies. */
  readonly proofGrade: string | null;
  readonly name: string;
  readonly minimumC: number;
  readonly maximumC: number;
  readonly exposedInSour: boolean;
  readonly exposedInMarineAir: "yes" | "coated" | "no";
  readonly note: string;
}

interface BoltingRow {
  bolting: string;
  proof_grade: string | null;
  name: string;
  minimum_c: number;
  maximum_c: number;
  exposed_in_sour: string;
  exposed_in_marine_air: Bolting["exposedInMarineAir"];
  note: string | null;
}

const byId = new Map<string, Bolting>(
  records<BoltingRow>(table).map((row) => [
    row.bolting,
    {
      id: row.bolting,
      proofGrade: row.proof_grade,
      name: row.name,
      minimumC: row.minimum_c,
      maximumC: row.maximum_c,
      exposedInSour: row.exposed_in_sour === "yes",
      exposedInMarineAir: row.exposed_in_marine_air,
      note: row.note ?? "",
    },
  ]),
);

/**
 * Bolting by id.
 *
 * @param id for example "b7", "l7m"
 * @returns the bolting, or undefined when the table has none
 * @source reference/bolting.csv (indicative)
 * @example boltingNamed("l7").minimumC // → -101
 */
export function boltingNamed(id: string): Bolting | undefined {
  return byId.get(id);
}
