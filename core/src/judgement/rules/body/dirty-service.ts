import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Hard seats held to the ball by springs scrape it clean: a trunnion ball passes what its cavity else packs with. */
const scrapes = 2;

export const dirtyService = rule({
  id: "body/dirty-service",
  asks: "Solids in the body",
  source:
    "Solids pack into cavities and bearings; constructions and hard scraping seats differ in what they pass",
  inputs: ["solids", "construction", "seat"],
  hangsOn: ["line", "seat.material"],
  unraised: (duty) => (duty.solidsPercent === 0 ? "No solids are stated." : null),
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
        used(`${name.toLowerCase()} passes, 0 clean to 4 slurry`, alone, "catalogue"),
        ...(scraped ? [used("with hard scraping seats", passes, "computed")] : []),
      ],
    };
    if (passes < needs)
      return plain("fails", "Solids pack into it.", {
        ...seen,
        remedy: "Hard scraper seats, a plug, a segment or a cavity-free body.",
      });
    if (passes > needs) return plain("holds", "Passes the solids.", seen);
    return plain(
      "tight",
      scraped
        ? "Passes the solids with scraper seats and a flushed cavity: say both on the order."
        : "As much solids as the construction passes: flush it.",
      seen,
    );
  },
});
