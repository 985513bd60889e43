import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Used } from "../finding.ts";
import { used } from "../inputs.ts";

/** Up to this the water counts as free of oxygen, mg/l. */
const freeToMgL = 0.02;
/** Water this acid or less leaves the limits as they are; each unit below halves the permitted content. */
const neutralFromPh = 6;
/** Without oxygen, pitting starts at ten times the content and cracking at a higher temperature. */
const withoutOxygen = { contentFactor: 10, crackingShiftK: 20 };
/** From this pH on, water is too alkaline to crack austenitic steel until it is hotter (API RP 581, indicative). */
const alkaline = { fromPh: 10, crackingShiftK: 60 };

/**
 * Whether water counts as free of oxygen.
 *
 * @param oxygenMgL dissolved oxygen, mg/l; null where it is not stated
 * @returns false where it is not stated: water out of contact with air is never presumed
 * @source practice of deaerated injection water (indicative)
 */
export const isFreeOfOxygen = (oxygenMgL: number | null): boolean =>
  oxygenMgL !== null && oxygenMgL <= freeToMgL;

/** How pH and oxygen move the limits of a metal in chlorides. */
export interface ChlorideSeverity {
  readonly contentFactor: number;
  /** How many times the chlorides count for cracking, for acid water; 1 or more. */
  readonly acidity: number;
  readonly crackingShiftK: number;
  readonly uses: readonly Used[];
}

/**
 * How acidity and oxygen move the limits of metals in chlorides.
 *
 * @param duty settled duty
 * @returns factor on the permitted content, factor by which the content counts more for cracking, shift of the cracking temperature in kelvin, and the inputs. Not stated:
 *   neutral and aerated
 * @source practice (indicative): acid lowers, and absence of oxygen raises, the content at which pits start;
 *   alkaline water and absence of oxygen raise the temperature at which steel cracks
 */
export function chlorideSeverity({ stated: { fluid } }: SettledDuty): ChlorideSeverity {
  const { ph, oxygenMgL } = fluid;
  const acid = Math.max(0, neutralFromPh - (ph ?? neutralFromPh));
  const free = isFreeOfOxygen(oxygenMgL);
  return {
    contentFactor: (free ? withoutOxygen.contentFactor : 1) * 0.5 ** acid,
    acidity: 2 ** acid,
    crackingShiftK:
      (free ? withoutOxygen.crackingShiftK : 0) +
      (ph !== null && ph >= alkaline.fromPh ? alkaline.crackingShiftK : 0),
    uses: [
      ph === null ? used("pH", "not stated: neutral", "assumed") : used("pH", ph, "entered"),
      oxygenMgL === null
        ? used("dissolved oxygen", "not stated: aerated", "assumed")
        : used("dissolved oxygen", oxygenMgL, "entered", "mg/l"),
    ],
  };
}
