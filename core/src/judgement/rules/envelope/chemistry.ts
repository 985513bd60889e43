import type { HouseRules } from "../../../basis/house/house-rules.ts";
import { type Suitability, suitability } from "../../../basis/reference/suitability.ts";
import type { JudgedIn } from "../../../duty/settling/families.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { gravityOf, type Verdict } from "../finding.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";

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
  C: "C, evidence needed",
  X: "X, unsuitable",
};

const inWords = (rating: Suitability | null) => (rating === null ? "not listed" : meaning[rating]);

function verdictOf(rating: Suitability | null, house: HouseRules): Verdict {
  if (rating === null || rating === "C") return "cannot tell";
  if (rating === "X") return "fails";
  return rating === "A" ? "holds" : house.limitedSuitability;
}

/** Families seats and seals are judged in. */
export const softFamilies = ({ softFamilies: families }: SettledDuty): JudgedIn => ({
  families,
  undecided: null,
});

/**
 * Judges wetted parts against the duty's service family; the worst part governs. Unknown is *cannot
 * tell*, never *holds*.
 *
 * @param parts wetted parts with the material the tables know them by
 * @param duty settled duty
 * @param house how *suitable with limits* counts
 * @param by families to judge the parts in; those of metals by default
 * @returns the governing part's outcome; *cannot tell* names the missing evidence
 * @source suitability tables (indicative, screening only)
 */
export function chemistryOf(
  parts: readonly WettedPart[],
  duty: SettledDuty,
  house: HouseRules,
  { families, undecided }: JudgedIn = duty.metalFamilies,
): Outcome {
  if (families.length === 0) return cannotTell("service family of the fluid");
  if (parts.length === 0) return notAsked("No such part touches the fluid.");
  const rated = families.flatMap((family) =>
    parts.map((part) => {
      const rating = part.material === null ? null : suitability(family, part.material);
      return { part, family, rating, verdict: verdictOf(rating, house) };
    }),
  );
  let worst = rated[0]!;
  for (const rating of rated) if (gravityOf(rating.verdict) > gravityOf(worst.verdict)) worst = rating;
  const { family, rating } = worst;
  // The part suits one of the possible families: the missing value decides which it is.
  const either =
    undecided !== null &&
    gravityOf(worst.verdict) > gravityOf("tight") &&
    families.some((family) =>
      rated.every((r) => r.family !== family || gravityOf(r.verdict) <= gravityOf("tight")),
    );
  const verdict = either ? "cannot tell" : worst.verdict;
  const uses = () => [
    ...families.map((name) =>
      used("service family", name, name === duty.stated.fluid.family ? "entered" : "computed"),
    ),
    ...rated.map((rating) =>
      used(
        families.length === 1
          ? `${rating.part.part}, ${rating.part.name}`
          : `${rating.part.part}, ${rating.part.name} in ${rating.family}`,
        inWords(rating.rating),
        "reference",
      ),
    ),
  ];
  const seen = {
    value: worst.part.name,
    limit: inWords(rating),
    uses,
  };
  switch (verdict) {
    case "fails":
      return plain("fails", `${worst.part.name} is not suitable for the fluid.`, {
        ...seen,
        remedy: "Use another material.",
      });
    case "cannot tell":
      return cannotTell(
        either
          ? undecided
          : rating === "C"
            ? `evidence for ${worst.part.name} in ${family} (concentration, temperature, water content)`
            : `suitability of ${worst.part.name} in ${family}`,
        seen,
      );
    case "tight":
      return plain(
        "tight",
        `${worst.part.name} has limited resistance. The limits are not tabulated: confirm strength and temperature with the maker.`,
        {
          ...seen,
          remedy: "Get the maker's written confirmation for this fluid, strength and temperature.",
        },
      );
    default:
      return plain("holds", "All materials are suitable for the fluid.", seen);
  }
}
