import { stated, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const inLineRepair = rule({
  id: "body/in-line-repair",
  asks: "Repair in the line",
  source: "Construction: what can be renewed with the ends left in the line",
  inputs: ["in-line repair", "construction"],
  hangsOn: ["line"],
  tight: "mild",
  unraised: (duty) => (!duty.inLineRepair ? "In-line repair is not asked for." : null),
  examine: ({ valve, duty }) => {
    const can = valve.construction.repairInLine;
    return fits(
      can,
      {
        holds: "Seats and seals are renewed with the ends left in the line.",
        fails: "The valve must come out of the line for repair.",
      },
      {
        value: "wanted",
        limit: can ? "possible" : "not possible",
        remedy: "A three-piece or top-entry body.",
        uses: [
          stated("in-line repair", true, duty.stated.inLineRepair),
          used("construction", valve.construction.name, "catalogue"),
          used("entry", valve.construction.entry, "catalogue"),
        ],
      },
    );
  },
});
