import { stated, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const inLineRepair = rule({
  id: "body/in-line-repair",
  asks: "In-line repair",
  source: "Parts that can be renewed with the valve ends in the line",
  inputs: ["in-line repair", "construction"],
  dependsOn: ["line"],
  tight: "mild",
  notApplicableBecause: (duty) => (!duty.inLineRepair ? "The duty does not ask for in-line repair." : null),
  examine: ({ valve, duty }) => {
    const can = valve.construction.repairInLine;
    return fits(
      can,
      {
        holds: "Seats and seals can be renewed with the valve ends in the line.",
        fails: "The valve must be removed from the line for repair.",
      },
      {
        value: "wanted",
        limit: can ? "possible" : "not possible",
        remedy: "Use a three-piece or top-entry body.",
        uses: [
          stated("in-line repair", true, duty.stated.inLineRepair),
          used("construction", valve.construction.name, "catalogue"),
          used("entry", valve.construction.entry, "catalogue"),
        ],
      },
    );
  },
});
