import type { SettledDuty } from "../../duty/settle.ts";
import type { HouseRules } from "../../house/house-rules.ts";
import { type Suitability, suitability } from "../../reference/suitability.ts";
import { gravityOf, type Outcome, type Verdict } from "../finding.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";

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
 * @throws never
 * @source suitability tables (indicative, screening only)
 * @example chemistryOf([{ part: "seat", name: "PTFE", material: "ptfe" }], duty, house).verdict
 */
export function chemistryOf(parts: readonly WettedPart[], duty: SettledDuty, house: HouseRules): Outcome {
  const family = duty.stated.fluid.family;
  if (family === null) return cannotTell("the fluid's service family");
  if (parts.length === 0) return notAsked("None of it meets the fluid.");
  const judged = parts.map((part) => {
    const rating = part.material === null ? null : suitability(family, part.material);
    return { ...part, rating, verdict: verdictOf(rating, house) };
  });
  const worst = judged.reduce((a, b) => (gravityOf(b.verdict) > gravityOf(a.verdict) ? b : a));
  const uses = () => [
    { what: "service family", value: family, unit: "" as const, origin: "entered" as const },
    ...judged.map((p) => ({
      what: `${p.part}, ${p.name}`,
      value: p.rating === null ? "not listed" : meaning[p.rating],
      unit: "" as const,
      origin: "reference" as const,
    })),
  ];
  const seen = {
    value: worst.name,
    limit: worst.rating === null ? "not listed" : meaning[worst.rating],
    uses,
  };
  switch (worst.verdict) {
    case "fails":
      return plain("fails", `${worst.name} does not stand the service.`, {
        ...seen,
        remedy: "Another material.",
      });
    case "cannot tell":
      return cannotTell(
        worst.rating === "C"
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
