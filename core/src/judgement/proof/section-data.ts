import { type LabelledPart, labelled } from "../../construction/bodies/assembly/labels.ts";
import { leakPathsOf } from "../../construction/bodies/assembly/paths.ts";
import type { Cavity } from "../../construction/bodies/cavity.ts";
import type { LeakPath } from "../../construction/bodies/construction.ts";
import type { SectionDimensions } from "../../construction/sections/shape.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { assemblyOf, type Valve } from "../../equipment/catalogue/valve.ts";
import { seatLoad } from "../rules/envelope/seat-load.ts";
import { worstClosed } from "../rules/worst.ts";

/** Data for the section drawing of a candidate. */
export interface SectionData {
  readonly construction: string;
  readonly dimensions: SectionDimensions;
  readonly dimensionsEstimated: boolean;
  readonly cavity: Cavity;
  readonly differentialBar: number;
  readonly thrustN: number;
  readonly seatLoadN: number;
  readonly parts: readonly LabelledPart[];
  readonly leakPaths: readonly LeakPath[];
  readonly strengths: readonly string[];
  readonly limits: readonly string[];
}

/**
 * Data for the section drawing of a valve, with the forces of the worst shut case.
 *
 * @param valve a valve, offered or by construction
 * @param duty settled duty
 * @param dimensionsEstimated whether no maker has given its dimensions
 * @returns dimensions in mm, forces in N, differential in bar
 * @source thrust on the contact circle: 0.1·Δp·π/4·d²
 */
export function sectionData(valve: Valve, duty: SettledDuty, dimensionsEstimated: boolean): SectionData {
  const { geometry, boreMm, stemDiameterMm, faceToFaceMm } = valve.size;
  const { construction } = valve;
  const assembly = assemblyOf(valve);
  const across = geometry.seatContactDiameterMm;
  const differentialBar = worstClosed(duty)?.closedDifferentialBar ?? 0;
  return {
    construction: construction.id,
    dimensions: {
      boreMm,
      closureDiameterMm: geometry.closureDiameterMm,
      seatContactDiameterMm: across,
      seatWidthMm: geometry.seatWidthMm,
      stemDiameterMm,
      offsetsMm: geometry.offsetsMm,
      faceToFaceMm,
    },
    dimensionsEstimated,
    cavity: valve.cavity,
    differentialBar,
    thrustN: differentialBar * 0.1 * (Math.PI / 4) * across * across,
    seatLoadN: seatLoad(valve, differentialBar).loadN,
    parts: labelled(construction.parts, assembly),
    leakPaths: leakPathsOf(assembly),
    strengths: construction.strengths,
    limits: construction.limits,
  };
}
