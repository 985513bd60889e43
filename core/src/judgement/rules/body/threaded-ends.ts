import { hazardsUsed, stated, used } from "../inputs.ts";
import { fits, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const threadedEnds = rule({
  id: "body/threaded-ends",
  asks: "Threaded and socket ends",
  source: "House rule for size; threads and sockets leave crevices and leak in lethal service",
  inputs: ["end connection", "size", "hazards of the fluid", "house rule: largest threaded end"],
  hangsOn: ["size"],
  unraised: ({ endConnection: end }) =>
    end === "threaded" || end === "socket-weld" ? null : "Neither threaded nor socket-welded.",
  examine: ({ valve, duty, house }) => {
    const end = duty.endConnection;
    const { dn } = valve.size;
    const lethal = duty.hazards.has("lethal") || duty.hazards.has("toxic");
    const uses = [
      stated("line end", end, duty.stated.endConnection),
      hazardsUsed(duty),
      used("largest threaded end", house.largestThreadedDn, "house rule", "DN"),
    ];
    if (end === "threaded" && lethal)
      return plain("fails", "No threads where a leak can hurt.", {
        value: end,
        limit: "toxic",
        remedy: "Welded or flanged ends.",
        uses,
      });
    return fits(
      dn <= house.largestThreadedDn,
      { holds: "Small enough for the end.", fails: "Too large for a threaded or socket end." },
      {
        value: dn,
        limit: house.largestThreadedDn,
        unit: "DN",
        sense: "≤",
        remedy: "Butt-weld or flanged ends.",
        uses: [...uses, used("size", dn, "catalogue", "DN")],
      },
    );
  },
});
