import type { Valve } from "../../../equipment/catalogue/valve.ts";
import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Steps on the scale of tolerance, 0 clean to 4 slurry (indicative). */
const hardSprungSeat = 2;
const hardFloatingSeat = 1;
const softSprungSeat = -1;
const filledCavity = 1;
const slurry = 4;

/** What the arrangement adds to, or takes from, the tolerance of the construction. */
function arrangement({
  construction: { rubbing, support },
  cavity,
  seat,
}: Valve): { readonly what: string; readonly steps: number }[] {
  const hard = seat.material.kind === "metal";
  const steps = [];
  if (rubbing?.by === "sprung seats")
    steps.push(
      hard
        ? { what: "hard sprung seats scrape", steps: hardSprungSeat }
        : { what: "solids pack behind soft sprung seats", steps: softSprungSeat },
    );
  else if (hard && support === "floating")
    steps.push({ what: "hard floating seats scrape", steps: hardFloatingSeat });
  if (cavity.id === "cavity filler") steps.push({ what: "the cavity is filled", steps: filledCavity });
  return steps;
}

/** Tolerance that a share of solids needs; fibres that nothing cuts hold them together. */
const needed = (percent: number, felted: boolean): number =>
  Math.min(slurry, (percent > 15 ? 4 : percent > 5 ? 3 : percent > 1 ? 2 : 1) + (felted ? 1 : 0));

export const dirtyService = rule({
  id: "body/dirty-service",
  asks: "Solids",
  source:
    "Solids pack into cavities, springs and bearings. How much a valve tolerates depends on its construction, and on what scrapes, floats, is sprung or filled (indicative)",
  inputs: ["solids", "fibres", "construction", "cavity arrangement", "seat"],
  dependsOn: ["line", "cavity", "seat.material"],
  notApplicableBecause: (duty) => (duty.solidsPercent === 0 ? "The duty states no solids." : null),
  examine: ({ valve, duty }) => {
    const { solidsPercent, fibres } = duty.stated.fluid;
    const felted = fibres === true && !valve.construction.cutsFibres;
    const needs = needed(duty.solidsPercent, felted);
    const { name } = valve.construction;
    const alone: number = valve.construction.dirtyService;
    const parts = arrangement(valve);
    const passes = parts.reduce((sum, { steps }) => sum + steps, alone);
    const tolerates = Math.max(0, Math.min(slurry, passes));
    const seen = {
      value: needs,
      limit: tolerates,
      sense: "≤" as const,
      uses: [
        stated("solids", duty.solidsPercent, solidsPercent, "%"),
        ...(felted ? [stated("fibres", true, fibres)] : []),
        used(`solids tolerance of ${name.toLowerCase()}, 0 clean to 4 slurry`, alone, "catalogue"),
        ...parts.map(({ what, steps }) => used(what, steps > 0 ? `+${steps}` : `${steps}`, "reference")),
      ],
    };
    if (tolerates < needs)
      return plain("fails", "Solids pack into the body.", {
        ...seen,
        remedy: "Use hard scraper seats, a plug, a segment or a cavity-free body.",
      });
    // A construction at its own limit relies on its seats and its filler too.
    const relies = alone <= needs && tolerates > alone;
    if (tolerates > needs && !relies) return plain("holds", "The construction tolerates the solids.", seen);
    return plain(
      "tight",
      relies
        ? "The valve tolerates the solids only because of its seats or its filled cavity. State scraper seats and a flushed cavity on the order."
        : "The solids are at the limit of the construction. Provide flushing.",
      {
        ...seen,
        remedy: "Flush the cavity, or use a construction that needs no scraping.",
        ...(tolerates > needs && { decides: "scraped or filled" }),
      },
    );
  },
});
