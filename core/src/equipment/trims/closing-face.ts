import { type BoilingResistance, metalLimits } from "../../basis/reference/metals.ts";

/** A material trim as far as its closing member is concerned. */
export interface ClosingMember {
  readonly ball: string;
  readonly coating: string | null;
}

/** What the fluid and the seat meet on the closing member. */
export interface ClosingFace {
  readonly metal: string;
  /** 0 a soft metal to 4 carbide. */
  readonly abrasionResistance: number;
  readonly boilingFlow: BoilingResistance;
}

/**
 * The face of the closing member: its coating, or the bare metal. The only record of how hard it is.
 *
 * @param trim material trim
 * @returns metal and its resistance; a metal without figures resists nothing
 * @source reference/metals.csv
 * @example closingFace({ ball: "austenitic 316", coating: "cobalt hardfacing" }).boilingFlow // → "good"
 */
export function closingFace({ ball, coating }: ClosingMember): ClosingFace {
  const metal = coating ?? ball;
  const limits = metalLimits(metal);
  return {
    metal,
    abrasionResistance: limits?.abrasionResistance ?? 0,
    boilingFlow: limits?.boilingFlow ?? "poor",
  };
}
