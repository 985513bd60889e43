import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { ProductSize } from "../../../equipment/catalogue/schema.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";
import { type Brought, type FitUp, fitUpOf } from "../../../mechanics/fit-up/fit-up.ts";
import type { Judged } from "../judged.ts";

interface Known {
  readonly key: string;
  readonly house: HouseRules;
  readonly stock: Brought["between"] | undefined;
  readonly fitUp: FitUp;
}

/** Last result per size and actuator: ten rules read the same one. */
const known = new WeakMap<ProductSize, Map<Drive, Known>>();

/**
 * The selected actuator on its valve.
 *
 * @param judged valve, drive at its supply, duty and house rules
 * @returns the parts between the two with their capacities; null for a bare stem and for rising stems
 * @source `fitUpOf` at the drive's peak
 */
export function mountedOn({
  valve: { size, construction },
  drive,
  supplied,
  duty,
  house,
  fittings,
}: Pick<Judged, "valve" | "drive" | "supplied" | "duty" | "house" | "fittings">): FitUp | null {
  if (!drive || !supplied || construction.stroke !== "quarter turn") return null;
  const key = `${supplied.peakNm}|${duty.laggingMm}|${duty.stemStands}|${fittings?.carriedKg}`;
  let ofSize = known.get(size);
  if (!ofSize) {
    ofSize = new Map();
    known.set(size, ofSize);
  }
  const last = ofSize.get(drive);
  if (last?.key === key && last.house === house && last.stock === fittings?.between) return last.fitUp;
  const fitUp = fitUpOf(size, drive, supplied.peakNm, duty, house, fittings ?? undefined);
  ofSize.set(drive, { key, house, stock: fittings?.between, fitUp });
  return fitUp;
}

/** Why fit-up is not asked where nothing is mounted. */
export const nothingPutOn = "Bare stem, or a rising stem whose nut belongs to the valve.";
