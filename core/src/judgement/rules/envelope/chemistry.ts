import type { HouseRules } from "../../../basis/house/house-rules.ts";
import { fluids } from "../../../basis/reference/fluids.ts";
import { type Suitability, suitability } from "../../../basis/reference/suitability.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { gravityOf, type Verdict } from "../finding.ts";
import { isGraver } from "../graver.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { inSolution } from "./in-solution.ts";
import type { WettedPart } from "./wetted.ts";

const meaning: Record<Suitability, string> = {
  A: "A, suitable",
  B: "B, suitable with limits",
  C: "C, evidence needed",
  X: "X, unsuitable",
};

const inWords = (rating: Suitability | null) => (rating === null ? "not listed" : meaning[rating]);

/** Families of several solutions, which one rating cannot tell apart. */
const broadFamilies: ReadonlySet<string> = new Set(
  fluids.flatMap(({ solution, family }) =>
    solution !== null &&
    fluids.some((f) => f.family === family && f.solution !== null && f.solution !== solution)
      ? [family]
      : [],
  ),
);
/** Oxidising acids are more than nitric acid. */
const isBroad = (family: string) => broadFamilies.has(family) || family === "oxidising acid";

function verdictOf(rating: Suitability | null, family: string, house: HouseRules): Verdict {
  if (rating === null || rating === "C") return "cannot tell";
  if (rating === "X") return "fails";
  return rating === "B" ? house.limitedSuitability : isBroad(family) ? "tight" : "holds";
}

/** A part as its service family rates it. */
interface Rated {
  readonly part: WettedPart;
  readonly family: string;
  readonly rating: Suitability | null;
  readonly verdict: Verdict;
}

/** What the rules on wetted parts share: their source, and the inputs besides the part itself. */
export const bySolution = {
  source: "Table of corrosion by strength and temperature, else suitability by service family (indicative)",
  inputs: ["service family", "substance", "strength of the solution", "free water", "temperature"],
} as const;

/**
 * Judges wetted parts against the duty's fluid; the worst part governs. Acids, caustic, bleach and acid gases are
 * judged by strength and temperature. For what that table does not list, the service family is the last resort, and
 * the finding says so. Unknown is *cannot tell*, never *holds*.
 *
 * @param parts wetted parts with the material the tables know them by
 * @param duty settled duty
 * @param house how *suitable with limits* counts
 * @param families families to judge the parts in; those of metals by default
 * @returns the governing part's outcome; *cannot tell* names the missing evidence
 * @source table of corrosion, suitability tables (indicative, screening only)
 */
export function chemistryOf(
  parts: readonly WettedPart[],
  duty: SettledDuty,
  house: HouseRules,
  families: readonly string[] = duty.metalFamilies,
): Outcome {
  if (families.length === 0) return cannotTell("service family of the fluid");
  if (parts.length === 0) return notAsked("No such part touches the fluid.");
  const { solution } = duty;
  const outcomes: Outcome[] = [];
  const rated: Rated[] = [];
  for (const part of parts) {
    const tabled = solution === null ? null : inSolution(part, solution, duty);
    if (tabled !== null) outcomes.push(tabled);
    for (const family of families) {
      if (tabled !== null && family === solution!.family) continue;
      const rating = part.material === null ? null : suitability(family, part.material);
      rated.push({ part, family, rating, verdict: verdictOf(rating, family, house) });
    }
  }
  if (rated.length > 0) outcomes.push(byFamily(rated, families, duty));
  return outcomes.reduce((worst, outcome) => (isGraver(outcome, worst) ? outcome : worst));
}

function byFamily(rated: readonly Rated[], families: readonly string[], duty: SettledDuty): Outcome {
  let worst = rated[0]!;
  for (const rating of rated) if (gravityOf(rating.verdict) > gravityOf(worst.verdict)) worst = rating;
  const { family, rating, part, verdict } = worst;
  const asksSubstance = isBroad(family) && duty.solution === null;
  const uses = () => [
    ...families.map((name) =>
      used("service family", name, name === duty.stated.fluid.family ? "entered" : "computed"),
    ),
    ...rated.map((r) =>
      used(
        families.length === 1
          ? `${r.part.part}, ${r.part.name}`
          : `${r.part.part}, ${r.part.name} in ${r.family}`,
        inWords(r.rating),
        "reference",
      ),
    ),
  ];
  const seen = { value: part.name, limit: inWords(rating), uses };
  switch (verdict) {
    case "fails":
      return plain("fails", `${part.name} is not suitable for the fluid.`, {
        ...seen,
        remedy: "Use another material.",
      });
    case "cannot tell":
      return cannotTell(
        rating !== "C"
          ? `suitability of ${part.name} in ${family}`
          : asksSubstance
            ? "substance of the fluid, and its strength"
            : `evidence for ${part.name} in ${family} (concentration, temperature, water content)`,
        seen,
      );
    case "tight":
      return rating === "A"
        ? plain("tight", `${part.name} is judged by the service family alone, which is a last resort.`, {
            ...seen,
            remedy:
              duty.substance === null
                ? "State the substance and the strength of the solution."
                : "Get the maker's written confirmation for this fluid.",
          })
        : plain(
            "tight",
            `${part.name} has limited resistance. The limits are not tabulated: confirm strength and temperature with the maker.`,
            {
              ...seen,
              remedy: "Get the maker's written confirmation for this fluid, strength and temperature.",
            },
          );
    default:
      return plain("holds", "All materials are suitable for the fluid.", seen);
  }
}
