import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const inLineRepair = rule({
  id: "body/in-line-repair",
  asks: "Repair in the line",
  source: "Product line's construction",
  inputs: ["in-line repair", "product line's construction"],
  hangsOn: "size, seat and drive",
  sharedBy: ({ valve }) => valve.line.id,
  examine: ({ valve, duty }) => {
    if (!duty.inLineRepair) return notAsked("In-line repair is not asked for.");
    const can = valve.line.inLineRepair;
    return plain(
      can ? "holds" : "fails",
      can
        ? "Seats and seals are renewed with the ends left in the line."
        : "The valve must come out of the line for repair.",
      {
        value: "wanted",
        limit: can ? "possible" : "not possible",
        remedy: can ? null : "A three-piece or top-entry body.",
        uses: [{ what: "construction", value: valve.line.construction, unit: "", origin: "catalogue" }],
      },
    );
  },
});
