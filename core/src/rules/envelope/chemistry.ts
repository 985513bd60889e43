import type { SettledDuty } from "../../duty/settle.ts";
import type { HouseRules } from "../../house/house-rules.ts";
import { type Suitability, suitability } from "../../reference/suitability.ts";
import { gravityOf, type Verdict } from "../finding.ts";
import { cannotTell, notAsked, type Outcome, plain } from "../outcome.ts";

/** A wetted part and the name its material has in the suitability tables. */
export interface WettedPart {
  readonly part: string;
  readonly name: string;
  /** Null when the tables have no column for it. */
  readonly material: string | null;
}

const meaning: Record<Suitability, string> = {
  A: "A, suitable",
  B: "B, suitable with limits",
  C: "C, needs evidence",
  X: "X, unsuitable",
};

const inWords = (rating: Suitability | null) => (rating === null ? "not listed" : meaning[rating]);

function verdictOf(rating: Suitability | null, house: HouseRules): Verdict {
  if (rating === null || rating === "C") return "cannot tell";
  if (rating === "X") return "fails";
  return rating === "A" ? "holds" : house.limitedSuitability;
}

/**
 * Judges wetted parts against the duty's service family; the worst part governs. Unknown is *cannot
 * tell*, never *holds*.
 *
 * @param parts wetted parts with the material the tables know them by
 * @param duty settled duty
 * @param house what *suitable with limits* counts as
 * @returns the governing part's outcome; *cannot tell* names what evidence is missing
 * @source suitability tables (indicative, screening only)
 */
export function chemistryOf(parts: readonly WettedPart[], duty: SettledDuty, house: HouseRules): Outcome {
  const family = duty.stated.fluid.family;
  if (family === null) return cannotTell("the fluid's service family");
  if (parts.length === 0) return notAsked("None of it meets the fluid.");
  const ratingOf = ({ material }: WettedPart) => (material === null ? null : suitability(family, material));
  let [worst] = parts as [WettedPart, ...WettedPart[]];
  let rating = ratingOf(worst);
  let verdict = verdictOf(rating, house);
  for (const part of parts) {
    const of = ratingOf(part);
    const judged = verdictOf(of, house);
    if (gravityOf(judged) > gravityOf(verdict)) [worst, rating, verdict] = [part, of, judged];
  }
  const uses = () => [
    { what: "service family", value: family, unit: "" as const, origin: "entered" as const },
    ...parts.map((part) => ({
      what: `${part.part}, ${part.name}`,
      value: inWords(ratingOf(part)),
      unit: "" as const,
      origin: "reference" as const,
    })),
  ];
  const seen = {
    value: worst.name,
    limit: inWords(rating),
    uses,
  };
  switch (verdict) {
    case "fails":
      return plain("fails", `${worst.name} does not stand the service.`, {
        ...seen,
        remedy: "Another material.",
      });
    case "cannot tell":
      return cannotTell(
        rating === "C"
          ? `evidence for ${worst.name} in ${family}: concentration, temperature, dryness`
          : `suitability of ${worst.name} in ${family}`,
        seen,
      );
    case "tight":
      return plain("tight", `${worst.name} is suitable with limits the table does not state.`, seen);
    default:
      return plain("holds", "Suitable for the service.", seen);
  }
}
