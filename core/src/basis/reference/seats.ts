import type { Curve } from "./curve.ts";
import { records } from "./table.ts";
import { seatLimits } from "./tables/seat-limits.ts";
import { seatMaterials } from "./tables/seat-materials.ts";
import { seatSizeFactors } from "./tables/seat-size-factors.ts";

export type Mounting = "floating" | "trunnion";

/** A seat material with its temperature range and friction. */
export interface SeatMaterial {
  readonly id: string;
  readonly name: string;
  readonly kind: "polymer" | "metal";
  readonly minimumC: number;
  readonly continuousMaximumC: number;
  readonly excursionMaximumC: number;
  /** Friction against its counterface: design value and scatter. */
  readonly friction: { readonly low: number; readonly design: number; readonly high: number };
  /** Fraction the break torque grows for each tenfold of days held closed. */
  readonly breakGrowthPerDecade: number;
  /** Stress a soft seat carries at 23 °C and at its highest continuous temperature, MPa. */
  readonly allowableStressMPa: { readonly at23C: number; readonly atMaximum: number };
  /** 0 none … 4 hard facing. */
  readonly abrasionResistance: number;
  readonly steam: "yes" | "limited" | "no";
  readonly oxygen: "assess" | "no";
  /** Generic pressure limit against temperature; null for metal, where the class governs. */
  readonly curve: Curve | null;
  readonly note: string;
}

interface SeatRow {
  seat: string;
  name: string;
  kind: string;
  minimum_c: number;
  continuous_maximum_c: number;
  excursion_maximum_c: number;
  friction_design: number;
  friction_low: number;
  friction_high: number;
  break_torque_growth_per_decade_of_days: number;
  allowable_stress_23c_mpa: number;
  allowable_stress_at_maximum_mpa: number;
  abrasion_resistance_0_to_4: number;
  steam: SeatMaterial["steam"];
  oxygen: SeatMaterial["oxygen"];
  note: string | null;
}

function genericCurve(seat: string): Curve | null {
  const points = seatLimits.rows.filter((row) => row[0] === seat);
  if (points.length === 0) return null;
  return {
    temperatureC: points.map((row) => row[1] as number),
    value: points.map((row) => row[2] as number),
  };
}

const seats = new Map<string, SeatMaterial>(
  records<SeatRow>(seatMaterials).map((row) => [
    row.seat,
    {
      id: row.seat,
      name: row.name,
      kind: row.kind === "metal" ? "metal" : "polymer",
      minimumC: row.minimum_c,
      continuousMaximumC: row.continuous_maximum_c,
      excursionMaximumC: row.excursion_maximum_c,
      friction: { low: row.friction_low, design: row.friction_design, high: row.friction_high },
      breakGrowthPerDecade: row.break_torque_growth_per_decade_of_days,
      allowableStressMPa: {
        at23C: row.allowable_stress_23c_mpa,
        atMaximum: row.allowable_stress_at_maximum_mpa,
      },
      abrasionResistance: row.abrasion_resistance_0_to_4,
      steam: row.steam,
      oxygen: row.oxygen,
      curve: genericCurve(row.seat),
      note: row.note ?? "",
    },
  ]),
);

/** Ids of all seat materials in the shipped table. */
export const seatIds: readonly string[] = [...seats.keys()];

/**
 * A seat material by id.
 *
 * @param id for example "ptfe", "peek", "metal-wc"
 * @returns the material, or undefined when the table has no such seat
 * @source reference/seat-materials.csv (indicative)
 * @example seatMaterial("ptfe").continuousMaximumC // → 200
 */
export function seatMaterial(id: string): SeatMaterial | undefined {
  return seats.get(id);
}

/**
 * Share of the generic seat limit left at a size. A size between two bands belongs to the band whose
 * upper end it does not exceed.
 *
 * @param dn nominal size, DN, above zero
 * @param mounting how the ball is held
 * @returns factor 0–1
 * @source reference/seat-size-factors.csv (indicative)
 * @example seatSizeFactor(150, "floating") // → 0.6
 */
export function seatSizeFactor(dn: number, mounting: Mounting): number {
  const band = seatSizeFactors.rows.find((row) => dn <= (row[1] as number)) ?? seatSizeFactors.rows.at(-1)!;
  return band[mounting === "floating" ? 2 : 3] as number;
}
