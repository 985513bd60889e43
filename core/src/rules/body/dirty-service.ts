import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const dirtyService = rule({
  id: "body/dirty-service",
  asks: "Solids in the body",
  source: "Solids pack into cavities and bearings; constructions differ in what they pass",
  inputs: ["solids", "construction"],
  hangsOn: ["line"],
  unraised: (duty) => (duty.solidsPercent === 0 ? "No solids are stated." : null),
  examine: ({ valve, duty }) => {
    const solids = duty.solidsPercent;
    const needs = solids > 15 ? 4 : solids > 5 ? 3 : solids > 1 ? 2 : 1;
    const passes = valve.construction.dirtyService;
    const seen = {
      value: needs,
      limit: passes,
      sense: "≤" as const,
      uses: [
        stated("solids", solids, duty.stated.fluid.solidsPercent, "%"),
        used("construction passes, 0 clean to 4 slurry", passes, "catalogue"),
      ],
    };
    if (passes < needs)
      return plain("fails", "Solids pack into it.", {
        ...seen,
        remedy: "A plug, a segment or a cavity-free body.",
      });
    return passes === needs
      ? plain("tight", "As much solids as the construction passes.", seen)
      : plain("holds", "Passes the solids.", seen);
  },
});
