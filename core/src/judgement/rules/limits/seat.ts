import type { HouseRules } from "../../../basis/house/house-rules.ts";
import { valueOnCurve } from "../../../basis/reference/curve.ts";
import type { SeatMaterial } from "../../../basis/reference/seats.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { PartLimit } from "./part-limit.ts";

/**
 * Differential limit of a seat at a temperature, excursions included.
 *
 * @param seat material and curve
 * @param temperatureC °C
 * @returns bar; null outside its temperatures
 * @source seat curve of the product line, else the generic curve (indicative)
 */
export function seatStandsBar(
  seat: { readonly material: SeatMaterial; readonly curve: NonNullable<Valve["seat"]["curve"]> },
  temperatureC: number,
): number | null {
  const { minimumC, excursionMaximumC } = seat.material;
  return temperatureC < minimumC || temperatureC > excursionMaximumC
    ? null
    : valueOnCurve(seat.curve, temperatureC);
}

/**
 * Where steam ends the range of a soft seat: for continuous service (null where none is allowed) and for steaming out.
 */
export interface SteamEnds {
  readonly staysToC: number | null;
  readonly washedAtC: number;
}

/**
 * Where steam ends a seat before dry heat does.
 *
 * @param material the seat's
 * @param house limits in steam
 * @returns temperatures in °C; null for a metal seat, which steam does not end
 * @source seat's standing in steam and the house's limit, lower than the dry one
 */
export function steamEndsOf(material: SeatMaterial, house: HouseRules): SteamEnds | null {
  if (material.kind === "metal") return null;
  const staysToC =
    material.steam === "no" ? null : material.steam === "yes" ? house.steamLimitC : house.limitedSteamLimitC;
  return { staysToC, washedAtC: staysToC ?? house.limitedSteamLimitC };
}

/** Steam there is at all from here, at atmospheric pressure, °C. */
const leastSteamC = 100;

/** A seat's limit; where a case is steam, no hotter than steam lets it be. */
export function seatPartLimit({ seat }: Valve, duty: SettledDuty, house: HouseRules): PartLimit {
  const { material, curve, curveName } = seat;
  const steam = duty.cases.some((c) => c.steamy && c.kind !== "fire") ? steamEndsOf(material, house) : null;
  const capped = (t: number, endC: number) => (steam === null ? t : Math.min(t, endC));
  return {
    part: "seat",
    name: `${material.name}, ${curve === null ? "limited by the body class" : curveName}`,
    curve,
    fromC: material.minimumC,
    toC: capped(material.continuousMaximumC, steam?.staysToC ?? leastSteamC),
    excursionC: capped(material.excursionMaximumC, steam?.washedAtC ?? 0),
    because: steam !== null && steam.washedAtC < material.excursionMaximumC ? "steam" : null,
  };
}
