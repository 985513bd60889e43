import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Hard sprung seats scrape the ball clean, so a trunnion ball passes solids that would pack its cavity. */
const scrapes = 2;

export const dirtyService = rule({
  id: "body/dirty-service",
  asks: "Solids",
  source:
    "Solids pack into cavities and bearings. How much a valve tolerates depends on its construction and on hard scraper seats",
  inputs: ["solids", "construction", "seat"],
  dependsOn: ["line", "seat.material"],
  notApplicableBecause: (duty) => (duty.solidsPercent === 0 ? "The duty states no solids." : null),
  examine: ({ valve, duty }) => {
    const solids = duty.solidsPercent;
    const needs = solids > 15 ? 4 : solids > 5 ? 3 : solids > 1 ? 2 : 1;
    const { dirtyService: alone, support, name } = valve.construction;
    const scraped = support === "trunnion" && valve.seat.material.kind === "metal";
    const passes = Math.min(4, alone + (scraped ? scrapes : 0));
    const seen = {
      value: needs,
      limit: passes,
      sense: "≤" as const,
      uses: [
        stated("solids", solids, duty.stated.fluid.solidsPercent, "%"),
        used(`solids tolerance of ${name.toLowerCase()}, 0 clean to 4 slurry`, alone, "catalogue"),
        ...(scraped ? [used("with hard scraper seats", passes, "computed")] : []),
      ],
    };
    if (passes < needs)
      return plain("fails", "Solids pack into the body.", {
        ...seen,
        remedy: "Use hard scraper seats, a plug, a segment or a cavity-free body.",
      });
    if (passes > needs) return plain("holds", "The construction tolerates the solids.", seen);
    return plain(
      "tight",
      scraped
        ? "The construction tolerates the solids with scraper seats and a flushed cavity. State both on the order."
        : "The solids are at the limit of the construction. Provide flushing.",
      seen,
    );
  },
});
