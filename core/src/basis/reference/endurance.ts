import { records } from "./table.ts";
import { actuatorEndurance } from "./tables/actuator-endurance.ts";

/** What turns an actuator, as endurance is classed. */
export type MovedBy = "cylinder" | "motor";

interface EnduranceRow {
  moved_by: MovedBy;
  up_to_nm: number | null;
  on_off_cycles: number;
  modulating_starts: number | null;
}

const rows = records<EnduranceRow>(actuatorEndurance);

/**
 * Endurance an actuator of a torque class is tested for.
 *
 * @param movedBy cylinder or motor
 * @param torqueNm highest output, N·m ≥ 0
 * @returns cycles on–off, and starts modulating; null where modulating is not classed
 * @source reference/actuator-endurance.csv, in the manner of EN 15714-2, -3 and -4 (indicative)
 * @example enduranceOf("cylinder", 126).cycles // → 250000
 */
export function enduranceOf(
  movedBy: MovedBy,
  torqueNm: number,
): { readonly cycles: number; readonly starts: number | null } {
  const row = rows.find(
    (r) => r.moved_by === movedBy && torqueNm <= (r.up_to_nm ?? Number.POSITIVE_INFINITY),
  )!;
  return { cycles: row.on_off_cycles, starts: row.modulating_starts };
}
