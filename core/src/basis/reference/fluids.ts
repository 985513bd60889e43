import { records } from "./table.ts";
import { fluids as table } from "./tables/fluids.ts";

/** A service fluid with the data for estimates of its state. */
export interface Fluid {
  readonly id: string;
  readonly name: string;
  readonly kind: "pure" | "mixture";
  readonly family: string;
  readonly phase: string;
  readonly hazards: readonly string[];
  readonly molarMassKgKmol: number | null;
  /** Null for a mixture that has no pseudo-critical figures. */
  readonly critical: {
    readonly temperatureK: number;
    readonly pressureBarA: number;
    readonly acentricFactor: number;
    readonly rackettZ: number;
  } | null;
  readonly triplePointC: number;
  readonly isentropicExponent: number | null;
  readonly density15KgM3: number | null;
  readonly expansionPerK: number | null;
  readonly compressibilityPerBar: number | null;
  /** Liquid viscosity at 20 and 100 °C, mPa·s. */
  readonly viscosity: { readonly at20: number; readonly at100: number | null } | null;
  /** Equipment group of the gas or vapour, for example "IIC"; null where it does not burn or is not listed. */
  readonly gasGroup: string | null;
  /** Auto-ignition temperature, °C; null where not listed. */
  readonly autoIgnitionC: number | null;
  /** Name in the table of corrosion; null where it is not a fluid of that table. */
  readonly solution: string | null;
  /** Strength that the name stands for, percent by weight. */
  readonly strengthPercent: number | null;
  readonly note: string;
}

interface FluidRow {
  fluid: string;
  name: string;
  kind: "pure" | "mixture";
  service_family: string;
  phase: string;
  hazards: string | null;
  molar_mass_kg_kmol: number | null;
  critical_temperature_k: number | null;
  critical_pressure_bar_a: number | null;
  acentric_factor: number | null;
  rackett_z: number | null;
  triple_point_c: number;
  isentropic_exponent: number | null;
  density_15c_kg_m3: number | null;
  expansion_per_k: number | null;
  compressibility_per_bar: number | null;
  viscosity_20c_mpa_s: number | null;
  viscosity_100c_mpa_s: number | null;
  gas_group: string | null;
  auto_ignition_c: number | null;
  solution: string | null;
  strength_percent: number | null;
  note: string | null;
}

/** Every service fluid of the table, in its order. */
export const fluids: readonly Fluid[] = records<FluidRow>(table).map((row) => ({
  id: row.fluid,
  name: row.name,
  kind: row.kind,
  family: row.service_family,
  phase: row.phase,
  hazards: row.hazards?.split(";") ?? [],
  molarMassKgKmol: row.molar_mass_kg_kmol,
  critical:
    row.critical_temperature_k === null
      ? null
      : {
          temperatureK: row.critical_temperature_k,
          pressureBarA: row.critical_pressure_bar_a!,
          acentricFactor: row.acentric_factor!,
          // Where no fitted value is listed, the correlation of the same method.
          rackettZ: row.rackett_z ?? 0.29056 - 0.08775 * row.acentric_factor!,
        },
  triplePointC: row.triple_point_c,
  isentropicExponent: row.isentropic_exponent,
  density15KgM3: row.density_15c_kg_m3,
  expansionPerK: row.expansion_per_k,
  compressibilityPerBar: row.compressibility_per_bar,
  viscosity:
    row.viscosity_20c_mpa_s === null
      ? null
      : { at20: row.viscosity_20c_mpa_s, at100: row.viscosity_100c_mpa_s },
  gasGroup: row.gas_group,
  autoIgnitionC: row.auto_ignition_c,
  solution: row.solution,
  strengthPercent: row.strength_percent,
  note: row.note ?? "",
}));

const byId = new Map(fluids.map((fluid) => [fluid.id, fluid]));

/**
 * A service fluid by id.
 *
 * @param id for example "ammonia", "seawater"
 * @returns the fluid, or undefined when the table has none
 * @source reference/fluids.csv (indicative)
 * @example fluidNamed("ammonia").family // → "ammonia"
 */
export function fluidNamed(id: string): Fluid | undefined {
  return byId.get(id);
}
