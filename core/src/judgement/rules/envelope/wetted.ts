import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { MetalPart } from "./metal-judgements.ts";

/** A wetted part and the name its material has in the suitability tables. */
export interface WettedPart {
  readonly part: string;
  readonly name: string;
  /** Null when the tables have no column for it. */
  readonly material: string | null;
}

/**
 * The body's metal as the tables know it.
 *
 * @param valve a valve of the catalogue
 * @returns one part; none where a lining keeps the fluid off it
 * @source the catalogue
 */
export const bodyMetal = (valve: Valve): MetalPart[] =>
  valve.construction.bodyWetted ? [{ part: "body", metal: valve.grade.metal }] : [];

/**
 * Metals of the trim that meet the fluid: ball, stem and springs. A coating is judged by its chemistry.
 *
 * @param valve a valve of the catalogue
 * @returns the parts the trim names
 * @source the catalogue
 */
export const trimMetals = (valve: Valve): MetalPart[] => [
  { part: "ball", metal: valve.trim.ball },
  ...(valve.construction.bodyWetted ? [{ part: "stem", metal: valve.trim.stem }] : []),
  ...(valve.trim.spring === null ? [] : [{ part: "spring", metal: valve.trim.spring }]),
];
