import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { against, inMargin } from "./compare.ts";
import type { Used } from "./finding.ts";
import { stated, used } from "./inputs.ts";
import { plain } from "./outcome.ts";
import type { Outcome } from "./outcome-kinds.ts";

/** A part that wears with each stroke, and its sentences. */
interface Worn {
  /** Its name at the start of a sentence. */
  readonly part: string;
  /** Band of the life of its kind, strokes, and the kind as a reader knows it. */
  readonly life: { readonly least: number; readonly most: number };
  readonly kind: string;
  /** Movements in a year where they are not the strokes of the duty. */
  readonly moves?: { readonly aYear: number; readonly use: Used };
  /** What shortens the life, as inputs. */
  readonly because?: readonly Used[];
  /** Put after "is worn at the overhaul" where there is something to do about it. */
  readonly care?: string;
  readonly remedy: string;
}

/**
 * The band of an estimated life.
 *
 * @param most strokes at best
 * @param house width of the band
 * @returns the least and the most, strokes
 * @source house rules (indicative)
 */
export const bandOf = (most: number, { lifeBand }: Pick<HouseRules, "lifeBand">): Worn["life"] => ({
  least: most / lifeBand,
  most,
});

/**
 * Strokes of a part between overhauls against the band of its life.
 *
 * @param worn the part with its life, strokes
 * @param duty settled duty: strokes a year
 * @param house years between overhauls
 * @returns *fails* where it wears out before the overhaul at best; *tight* inside the band
 * @source house rules (indicative)
 */
export function lasting(worn: Worn, duty: SettledDuty, house: HouseRules): Outcome {
  const { least, most } = worn.life;
  const strokes = (worn.moves?.aYear ?? duty.strokesPerYear) * house.overhaulYears;
  const measured = against(strokes, strokes > least ? most : least, 0);
  const inBand = strokes > least && measured.verdict !== "fails";
  const verdict = inBand ? "tight" : measured.verdict;
  const says = {
    fails: `The life of the ${worn.part} is shorter than the overhaul interval.`,
    tight: `The life of the ${worn.part} may be shorter than the overhaul interval${worn.care ? `: ${worn.care}` : ""}.`,
    holds: `The life of the ${worn.part} exceeds the overhaul interval.`,
  };
  return plain(
    verdict,
    says[verdict],
    {
      value: strokes,
      limit: inBand ? least : most,
      sense: "≤",
      remedy: worn.remedy,
      decides: inBand ? "in band" : null,
      uses: [
        worn.moves?.use ?? stated("strokes per year", duty.strokesPerYear, duty.stated.strokesPerYear),
        used("years between overhauls", house.overhaulYears, "house rule"),
        used(`life of ${worn.kind}, at least`, least, "estimate"),
        used(`life of ${worn.kind}, at most`, most, "estimate"),
        ...(worn.because ?? []),
      ],
    },
    inBand ? null : inMargin({ ...measured, margin: most / Math.max(strokes, 1e-9) - 1 }, "%", false),
  );
}
