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

/** Drives on the sizes they were last put on: ten rules look at the same one. */
const known = new WeakMap<ProductSize, Map<Drive, Known>>();

/**
 * The drive in hand on its valve.
 *
 * @param judged valve, drive at its supply, duty and house rules
 * @returns what stands between the two and what it carries; null for a bare stem and for stems that rise through
 *   their drive
 * @source `fitUpOf` at the drive's peak
 */
export function putOn({
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

/** Why a question of fit-up is not raised where nothing is put on. */
export const nothingPutOn = "Bare stem, or a rising stem whose nut belongs to the valve.";
