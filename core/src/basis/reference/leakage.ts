import { records } from "./table.ts";
import { leakageClassVi as classVi } from "./tables/leakage-class-vi.ts";
import { leakageIso5208 as iso5208 } from "./tables/leakage-iso-5208.ts";

const rates = new Map(
  records<{ rate: string; liquid_mm3_per_s_per_dn: number; gas_mm3_per_s_per_dn: number }>(iso5208).map(
    (row) => [row.rate, { liquid: row.liquid_mm3_per_s_per_dn, gas: row.gas_mm3_per_s_per_dn }],
  ),
);
const factors = new Map(
  records<{ nominal_port_mm: number; ml_per_min: number }>(classVi).map((row) => [
    row.nominal_port_mm,
    row.ml_per_min,
  ]),
);

/**
 * Allowed rate per millimetre of nominal size.
 *
 * @param rate A to G
 * @param medium test medium
 * @returns mm³/s for each DN; undefined for a rate that is not listed
 * @source ISO 5208, reference/leakage-iso-5208.csv (indicative)
 * @example leakagePerDn("D", "liquid") // → 0.1
 */
export const leakagePerDn = (rate: string, medium: "liquid" | "gas"): number | undefined =>
  rates.get(rate)?.[medium];

/**
 * Factor of class VI.
 *
 * @param dn nominal size of the port
 * @returns ml/min at the factor's own differential; undefined for a size that is not listed
 * @source IEC 60534-4, reference/leakage-class-vi.csv (indicative)
 * @example classViFactor(100) // → 1.7
 */
export const classViFactor = (dn: number): number | undefined => factors.get(dn);
