import { markedAmbient } from "../../duty/area/ambient-range.ts";
import { keepsOut } from "../../duty/area/enclosure.ts";
import { type Hazard, type Unfit, unfitFor } from "../../duty/area/fit.ts";
import { readMarkings } from "../../duty/area/marking.ts";
import { readPlace } from "../../duty/area/place.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { airFittings, type ExecutionRanges, electricalFittings } from "../drives/temperature-ranges.ts";
import type { AnyAccessories, Refusal } from "./kind.ts";

const unfit: Readonly<Record<NonNullable<Unfit>, Refusal>> = {
  system: { why: "is certified in the other system (zones or divisions)", unknown: false },
  hazard: { why: "is not certified for the hazard of the area", unknown: false },
  level: { why: "has a protection level too low for the area", unknown: false },
  group: { why: "is certified for other groups", unknown: false },
  "group unknown": { why: "does not cover every group, and the area states no group", unknown: true },
  surface: { why: "exceeds the temperature class of the area", unknown: false },
  "surface unknown": { why: "has no stated temperature class for the area", unknown: true },
};

function byArea(
  { marking }: AnyAccessories,
  { ambientMaximumC, stated: { area, ambientMinimumC } }: SettledDuty,
): Refusal | null {
  const place = area === null ? null : readPlace(area);
  // An unstated area is reported once by its rule, not by every item.
  if (place === null || place === "safe") return null;
  const markings = marking === null ? null : readMarkings(marking);
  if (markings === null) return { why: "has no readable explosion protection marking", unknown: true };
  const covers = markedAmbient(marking!);
  if (covers === null) return { why: "has a marking with an unreadable ambient range", unknown: true };
  if (ambientMinimumC !== null && ambientMinimumC < covers.fromC)
    return { why: `is certified down to ${covers.fromC} °C only`, unknown: false };
  if (ambientMaximumC > covers.toC)
    return { why: `is certified up to ${covers.toC} °C only`, unknown: false };
  for (const hazard of ["gas", "dust"] as const satisfies readonly Hazard[]) {
    const wrong = unfitFor(markings, place, hazard);
    if (wrong !== null) return unfit[wrong];
  }
  return null;
}

const cold = "is not rated for the lowest ambient temperature";
const warm = "is not rated for the highest ambient temperature";

function byWeather(
  { lowTemperature, highTemperature }: AnyAccessories,
  { standard, lowFromC, highToC }: ExecutionRanges,
  { ambientMaximumC, stated: { ambientMinimumC } }: SettledDuty,
): Refusal | null {
  if (ambientMinimumC !== null && ambientMinimumC < standard.fromC) {
    if (lowTemperature !== true) return { why: cold, unknown: lowTemperature === null };
    if (ambientMinimumC < lowFromC) return { why: cold, unknown: false };
  }
  if (ambientMaximumC > standard.toC) {
    if (highTemperature !== true) return { why: warm, unknown: highTemperature === null };
    if (ambientMaximumC > highToC) return { why: warm, unknown: false };
  }
  return null;
}

/**
 * Why a family is not suitable for the place in a duty.
 *
 * @param family accessories
 * @param electrical whether current runs in it
 * @param duty settled duty: ambient, installation, area
 * @returns the first reason; null for none
 * @source IEC 60079-14, NFPA 70, IEC 60529, NEMA 250, IEC 60079-0 clause 5.1.1; −20…60 °C where the maker states nothing wider (indicative)
 */
export function refusedBySite(
  family: AnyAccessories,
  electrical: boolean,
  duty: SettledDuty,
): Refusal | null {
  const weather = byWeather(family, electrical ? electricalFittings : airFittings, duty);
  if (weather !== null) return weather;
  if (!electrical) return null;
  const area = byArea(family, duty);
  if (area !== null) return area;
  if (family.enclosure === null) return { why: "has no stated enclosure rating", unknown: true };
  return keepsOut(family.enclosure, duty.installation)
    ? null
    : { why: "has an enclosure rating below the site conditions", unknown: false };
}
