import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { against, inMargin } from "./compare.ts";
import { stated, used } from "./inputs.ts";
import { plain } from "./outcome.ts";
import type { Outcome } from "./outcome-kinds.ts";

/** A part that wears with each stroke, and its sentences. */
interface Worn {
  /** Its name at the start of a sentence. */
  readonly part: string;
  /** Life of its kind, strokes, and the kind as a reader knows it. */
  readonly life: number;
  readonly kind: string;
  /** Put after "is worn at the overhaul" where there is something to do about it. */
  readonly care?: string;
  readonly remedy: string;
}

/**
 * Strokes of a part between overhauls against its life.
 *
 * @param worn the part with its life, strokes
 * @param duty settled duty: strokes a year
 * @param house years between overhauls and the margin wanted, %
 * @returns *fails* where it wears out before the overhaul; *tight* inside the margin
 * @source house rules (indicative)
 */
export function lasting(worn: Worn, duty: SettledDuty, house: HouseRules): Outcome {
  const strokes = duty.strokesPerYear * house.overhaulYears;
  const measured = against(strokes, worn.life, house.pressureMargin / 100);
  const says = {
    fails: `The life of the ${worn.part} is shorter than the overhaul interval.`,
    tight: `The life of the ${worn.part} only just reaches the overhaul interval${worn.care ? `: ${worn.care}` : ""}.`,
    holds: `The life of the ${worn.part} exceeds the overhaul interval.`,
  };
  return plain(
    measured.verdict,
    says[measured.verdict],
    {
      value: strokes,
      limit: worn.life,
      sense: "≤",
      remedy: worn.remedy,
      uses: [
        stated("strokes per year", duty.strokesPerYear, duty.stated.strokesPerYear),
        used("years between overhauls", house.overhaulYears, "house rule"),
        used(`life of ${worn.kind}`, worn.life, "house rule"),
      ],
    },
    inMargin(measured, "%"),
  );
}
