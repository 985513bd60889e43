import { keepsOut } from "../../duty/area/enclosure.ts";
import { type Hazard, type Unfit, unfitFor } from "../../duty/area/fit.ts";
import { readMarkings } from "../../duty/area/marking.ts";
import { readPlace } from "../../duty/area/place.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { AnyAccessories, Refusal } from "./kind.ts";

/** What seals and coils stand, °C; wider only where the maker says so. */
const standard = { fromC: -20, toC: 60 };

const unfit: Readonly<Record<NonNullable<Unfit>, Refusal>> = {
  system: { why: "is certified in the other system of areas", unknown: false },
  hazard: { why: "is not certified for what is there", unknown: false },
  level: { why: "may not stand in so dangerous a place", unknown: false },
  group: { why: "is certified for other groups", unknown: false },
  "group unknown": { why: "does not cover every group, and the area names none", unknown: true },
  surface: { why: "gets hotter than the area allows", unknown: false },
  "surface unknown": { why: "has no temperature class that is known to do", unknown: true },
};

function byArea({ marking }: AnyAccessories, { stated: { area } }: SettledDuty): Refusal | null {
  const place = area === null ? null : readPlace(area);
  // That nobody says what the area is, the rule says once and not of every item.
  if (place === null || place === "safe") return null;
  const markings = marking === null ? null : readMarkings(marking);
  if (markings === null) return { why: "has no marking that can be read", unknown: true };
  for (const hazard of ["gas", "dust"] as const satisfies readonly Hazard[]) {
    const wrong = unfitFor(markings, place, hazard);
    if (wrong !== null) return unfit[wrong];
  }
  return null;
}

/**
 * Why a family may not stand where a duty has it.
 *
 * @param family accessories
 * @param electrical whether current runs in it
 * @param duty settled duty: ambient, installation, area
 * @returns the first reason; null for none
 * @source IEC 60079-14, NFPA 70, IEC 60529, NEMA 250; −20…60 °C where the maker states nothing wider (indicative)
 */
export function refusedBySite(
  family: AnyAccessories,
  electrical: boolean,
  duty: SettledDuty,
): Refusal | null {
  const cold = duty.stated.ambientMinimumC;
  if (cold !== null && cold < standard.fromC && family.lowTemperature !== true)
    return { why: "is not made for so cold a place", unknown: family.lowTemperature === null };
  if (duty.ambientMaximumC > standard.toC && family.highTemperature !== true)
    return { why: "is not made for so hot a place", unknown: family.highTemperature === null };
  if (!electrical) return null;
  const area = byArea(family, duty);
  if (area !== null) return area;
  if (family.enclosure === null) return { why: "states no enclosure", unknown: true };
  return keepsOut(family.enclosure, duty.installation)
    ? null
    : { why: "lets in what the place brings", unknown: false };
}
