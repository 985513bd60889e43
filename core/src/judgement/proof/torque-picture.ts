import type { Profile } from "../../basis/stroke/profile.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { breaking, hardestAt } from "../../mechanics/torque/demand.ts";
import type { FlowTorque } from "../../mechanics/torque/dynamic.ts";
import { type BreakParts, breakParts } from "../../mechanics/torque/mechanics.ts";
import type { ServiceFactor } from "../../mechanics/torque/service-factor.ts";
import type { ProvenCandidate } from "./candidate.ts";

type Point = readonly [differentialBar: number, torqueNm: number];

/** Break-to-open torque over the differential, as a picture needs it. */
export interface TorquePicture {
  /** The maker's table for the seat, clean and just cycled. */
  readonly table: readonly Point[];
  /** The table after the longest time shut. */
  readonly grown: readonly Point[];
  readonly growth: number;
  readonly longestShutDays: number;
  /** Torque demand on the actuator: grown, times the factor that the maker's table does not include. */
  readonly asked: readonly Point[];
  readonly appliedFactor: number;
  readonly factorReasons: ServiceFactor["reasons"];
  readonly factorSetAside: ServiceFactor["setAside"];
  /** Cases at their differential; no torque where the differential is unknown or beyond the table. */
  readonly cases: readonly {
    readonly id: string;
    readonly name: string;
    readonly differentialBar: number | null;
    readonly breakNm: number | null;
    /** Over both strokes, grown with the time shut; null where it is not known. */
    readonly profile: Profile | null;
    /** By the maker's table and by dimensions, both clean and just cycled; null where one of them is not known. */
    readonly tableNm: number | null;
    readonly mechanics: BreakParts | null;
    /** Torque added by flow, included in the profile; null without flow. */
    readonly flow: FlowTorque | null;
  }[];
  readonly hardest: string | null;
  readonly stemLimitNm: number;
}

/**
 * Breakaway torque of a valve over its shut differential.
 *
 * @param candidate a proven candidate
 * @param duty settled duty with the longest time shut, days
 * @returns torques in N·m against bar; lines end where the maker's table ends: never extrapolated
 * @source the same demand the torque rule examines
 */
export function torquePicture(
  { valve, demand }: Pick<ProvenCandidate, "valve" | "demand">,
  duty: SettledDuty,
): TorquePicture {
  const { differentialBar, breakToOpenNm } = valve.size.torque;
  const row = breakToOpenNm[valve.seat.material.id]!;
  const times = (factor: number) => differentialBar.map((bar, index) => [bar, row[index]! * factor] as const);
  return {
    table: times(1),
    grown: times(demand.growth),
    growth: demand.growth,
    longestShutDays: duty.longestShutDays,
    asked: times(demand.growth * demand.appliedFactor),
    appliedFactor: demand.appliedFactor,
    factorReasons: demand.factor.reasons,
    factorSetAside: demand.factor.setAside,
    cases: demand.byCase.map((c) => ({
      id: c.caseId,
      name: c.caseName,
      differentialBar: c.differentialBar,
      breakNm: c.profile?.opening[0] ?? null,
      profile: c.profile,
      tableNm: c.profile ? c.profile.opening[0]! / demand.growth : null,
      mechanics: c.differentialBar === null ? null : breakParts(valve, c.differentialBar),
      flow: c.flow,
    })),
    hardest: demand.covering && hardestAt(demand, breaking).caseId,
    stemLimitNm: valve.size.maximumStemTorqueNm,
  };
}
