import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Used } from "../finding.ts";
import { used } from "../inputs.ts";

/** Up to this the water counts as free of oxygen, mg/l. */
const freeToMgL = 0.02;
/** Water this acid or less leaves the limits as they are; each unit below halves the permitted content. */
const neutralFromPh = 6;
/** Without oxygen, pitting starts at ten times the content and cracking at a higher temperature. */
const withoutOxygen = { contentFactor: 10, crackingShiftK: 20 };

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
interface ChlorideSeverity {
  readonly contentFactor: number;
  readonly crackingShiftK: number;
  readonly uses: readonly Used[];
}

/**
 * How acidity and oxygen move the limits of metals in chlorides.
 *
 * @param duty settled duty
 * @returns factor on the permitted content, shift of the cracking temperature in kelvin, and the inputs. Not stated:
 *   neutral and aerated
 * @source practice (indicative): acid lowers, and absence of oxygen raises, the content at which pits start
 */
export function chlorideSeverity({ stated: { fluid } }: SettledDuty): ChlorideSeverity {
  const { ph, oxygenMgL } = fluid;
  const acid = Math.max(0, neutralFromPh - (ph ?? neutralFromPh));
  const free = isFreeOfOxygen(oxygenMgL);
  return {
    contentFactor: (free ? withoutOxygen.contentFactor : 1) * 0.5 ** acid,
    crackingShiftK: free ? withoutOxygen.crackingShiftK : 0,
    uses: [
      ph === null ? used("pH", "not stated: neutral", "assumed") : used("pH", ph, "entered"),
      oxygenMgL === null
        ? used("dissolved oxygen", "not stated: aerated", "assumed")
        : used("dissolved oxygen", oxygenMgL, "entered", "mg/l"),
    ],
  };
}
