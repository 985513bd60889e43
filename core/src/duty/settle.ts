import type { HouseRules } from "../house/house-rules.ts";
import { type Fluid, fluidNamed } from "../reference/fluids.ts";
import type { OperatingCase } from "./case.ts";
import type { Duty } from "./duty.ts";
import type { Hazard } from "./words.ts";

export type DutyOrigin = "entered" | "assumed";

/** A case with what is assumed filled in; pressure or temperature may still be unknown. */
export interface SettledCase {
  readonly id: string;
  readonly kind: OperatingCase["kind"];
  readonly name: string;
  readonly upstreamBarG: number | null;
  readonly downstreamBarG: number;
  readonly downstreamOrigin: DutyOrigin;
  readonly temperatureC: number | null;
  readonly mayBeShut: boolean;
  readonly phase: Duty["fluid"]["phase"];
  /** Higher of the two sides, bar g: what the body holds. */
  readonly pressureBarG: number | null;
  /** Differential as stated, bar. */
  readonly differentialBar: number | null;
  /** Worst differential across the shut valve in either direction, the other side vented, bar. */
  readonly closedDifferentialBar: number | null;
}

/** The duty the rules see: assumptions in use are filled in and named. */
export interface SettledDuty {
  readonly stated: Duty;
  readonly cases: readonly SettledCase[];
  readonly endConnection: NonNullable<Duty["endConnection"]>;
  readonly port: NonNullable<Duty["port"]>;
  readonly function: NonNullable<Duty["function"]>;
  readonly flowDirection: NonNullable<Duty["flowDirection"]>;
  readonly installation: NonNullable<Duty["installation"]>;
  readonly fireSafe: boolean;
  readonly inLineRepair: boolean;
  readonly operator: NonNullable<Duty["operator"]>;
  readonly airMinimumBarG: number;
  readonly airMaximumBarG: number;
  readonly longestShutDays: number;
  readonly strokesPerYear: number;
  readonly ambientMaximumC: number;
  readonly substance: Fluid | null;
  readonly hazards: ReadonlySet<Hazard>;
  readonly hazardsOrigin: DutyOrigin | "reference";
  readonly solidsPercent: number;
  readonly solidsHard: boolean;
  readonly chloridesMgL: number;
  readonly h2sKPa: number;
  readonly freeWater: boolean;
}

function settleCase(c: OperatingCase, phase: SettledCase["phase"]): SettledCase {
  const { upstreamBarG: up, downstreamBarG: down } = c;
  // In a reverse case the driving side must be known; in a forward one a blank downstream means vented.
  const driving = c.flow === "reverse" ? down : up;
  const known = driving !== null;
  const upstream = c.flow === "reverse" ? (up ?? 0) : up;
  const downstream = down ?? 0;
  return {
    id: c.id,
    kind: c.kind,
    name: c.name,
    upstreamBarG: upstream,
    downstreamBarG: downstream,
    downstreamOrigin: (c.flow === "reverse" ? up : down) === null ? "assumed" : "entered",
    temperatureC: c.temperatureC,
    mayBeShut: c.mayBeShut,
    phase: c.phase ?? phase,
    pressureBarG: known ? Math.max(upstream!, downstream) : null,
    differentialBar: known ? Math.abs(upstream! - downstream) : null,
    closedDifferentialBar: known
      ? Math.max(Math.abs(upstream!), Math.abs(downstream), Math.abs(upstream! - downstream))
      : null,
  };
}

/**
 * Fills a duty's gaps with the assumptions in use. Where assuming could hurt (size, pressure,
 * temperature, fluid family, fail action) nothing is assumed and the rules say *cannot tell*.
 *
 * @param duty as entered: bar g, °C; null where unknown
 * @param house house rules; they hold the assumed air supply, ambient and time closed
 * @returns the duty the rules see; what was assumed is known by comparing with `stated`
 * @throws never
 * @source house rules; completeness lists each assumption with its reason
 * @example settle(emptyDuty, defaultHouseRules()).flowDirection // → "both ways"
 */
export function settle(duty: Duty, house: HouseRules): SettledDuty {
  const airMinimumBarG =
    duty.airMinimumBarG ??
    Math.min(house.assumedAirMinimumBarG, duty.airMaximumBarG ?? Number.POSITIVE_INFINITY);
  const substance = duty.fluid.substance === null ? null : (fluidNamed(duty.fluid.substance) ?? null);
  const phase = duty.fluid.phase ?? ((substance?.phase as Duty["fluid"]["phase"]) || null);
  const hazards = new Set<Hazard>(duty.fluid.hazards ?? ((substance?.hazards ?? []) as Hazard[]));
  return {
    stated: duty,
    cases: duty.cases.map((c) => settleCase(c, phase)),
    endConnection: duty.endConnection ?? "flanged RF",
    port: duty.port ?? "reduced accepted",
    function: duty.function ?? "on-off isolation",
    flowDirection: duty.flowDirection ?? "both ways",
    installation: duty.installation ?? "outdoor",
    fireSafe: duty.fireSafe ?? false,
    inLineRepair: duty.inLineRepair ?? false,
    operator: duty.operator ?? "any",
    airMinimumBarG,
    airMaximumBarG: duty.airMaximumBarG ?? Math.max(house.assumedAirMaximumBarG, airMinimumBarG),
    longestShutDays: duty.longestShutDays ?? house.assumedLongestShutDays,
    strokesPerYear: duty.strokesPerYear ?? 12,
    ambientMaximumC:
      duty.ambientMaximumC ?? Math.max(house.assumedAmbientMaximumC, duty.ambientMinimumC ?? -273.15),
    substance,
    hazards,
    hazardsOrigin: duty.fluid.hazards !== null ? "entered" : substance !== null ? "reference" : "assumed",
    solidsPercent: duty.fluid.solidsPercent ?? 0,
    solidsHard: duty.fluid.solidsHard ?? true,
    chloridesMgL: duty.fluid.chloridesMgL ?? 0,
    h2sKPa: duty.fluid.h2sKPa ?? 0,
    freeWater: duty.fluid.freeWater ?? true,
  };
}
