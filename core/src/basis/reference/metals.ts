import { records } from "./table.ts";
import { metals as table } from "./tables/metals.ts";

/** How a metal resists droplets in fast vapour and collapsing bubbles. */
export type BoilingResistance = "poor" | "fair" | "good";

/** Limits of a metal that cut across service families. */
export interface MetalLimits {
  readonly metal: string;
  readonly sour: boolean;
  /** Highest partial pressure of hydrogen sulphide, kPa; null where there is no limit. */
  readonly h2sLimitKPa: number | null;
  readonly hydrogen: "yes" | "limited" | "no";
  readonly copperAlloy: boolean;
  readonly gallsOnItself: boolean;
  /** Pressure limit where oxygen impinges, bar g. */
  readonly oxygenLimitBarG: number;
  readonly expansionPerK: number;
  /**
   * Seawater temperatures: up to the first no crevice corrosion, up to the second close to it, °C; null where there is
   * none.
   */
  readonly creviceC: { readonly holds: number; readonly tight: number } | null;
  /** Eaten where it is wet and bare, and by sulphur: carbon and low-alloy steels. */
  readonly carbonSteel: boolean;
  /** Against hard particles: 0 a soft metal, 3 cobalt hardfacing, 4 carbide; the scale of the seat materials. */
  readonly abrasionResistance: number;
  readonly boilingFlow: BoilingResistance;
}

interface MetalRow {
  metal: string;
  sour: string;
  h2s_limit_kpa: number | null;
  hydrogen: MetalLimits["hydrogen"];
  copper_alloy: string;
  galls_on_itself: string;
  oxygen_limit_bar_g: number;
  expansion_per_k: number;
  crevice_holds_to_c: number | null;
  crevice_tight_to_c: number | null;
  carbon_steel: string;
  abrasion_resistance_0_to_4: number;
  boiling_flow: BoilingResistance;
}

const byName = new Map<string, MetalLimits>(
  records<MetalRow>(table).map((row) => [
    row.metal,
    {
      metal: row.metal,
      sour: row.sour === "yes",
      h2sLimitKPa: row.h2s_limit_kpa,
      hydrogen: row.hydrogen,
      copperAlloy: row.copper_alloy === "yes",
      gallsOnItself: row.galls_on_itself === "yes",
      oxygenLimitBarG: row.oxygen_limit_bar_g,
      expansionPerK: row.expansion_per_k,
      creviceC:
        row.crevice_holds_to_c === null
          ? null
          : { holds: row.crevice_holds_to_c, tight: row.crevice_tight_to_c! },
      carbonSteel: row.carbon_steel === "yes",
      abrasionResistance: row.abrasion_resistance_0_to_4,
      boilingFlow: row.boiling_flow,
    },
  ]),
);

/**
 * Limits of a metal of the suitability table.
 *
 * @param metal for example "austenitic 316", "17-4PH"
 * @returns its limits, or undefined when the table has none
 * @source reference/metals.csv (indicative; ISO 15156 for sour service, oxygen practice for impingement)
 * @example metalLimits("22Cr duplex").h2sLimitKPa // → 10
 */
export function metalLimits(metal: string): MetalLimits | undefined {
  return byName.get(metal);
}
