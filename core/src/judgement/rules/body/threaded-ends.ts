import { hazardsUsed, stated, used } from "../inputs.ts";
import { fits, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const threadedEnds = rule({
  id: "body/threaded-ends",
  asks: "Threaded and socket ends",
  source: "Size limit by house rule. Threads and sockets leave crevices and can leak",
  inputs: ["end connection", "size", "hazards of the fluid", "house rule: largest threaded end"],
  dependsOn: ["size"],
  notApplicableBecause: ({ endConnection: end }) =>
    end === "threaded" || end === "socket-weld" ? null : "The ends are neither threaded nor socket-welded.",
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
      return plain("fails", "Threaded ends are not suitable for a fluid whose leak can injure.", {
        value: end,
        limit: "toxic",
        remedy: "Use welded or flanged ends.",
        uses,
      });
    return fits(
      dn <= house.largestThreadedDn,
      {
        holds: "The size is within the house rule for this end connection.",
        fails: "The size exceeds the house rule for threaded or socket ends.",
      },
      {
        value: dn,
        limit: house.largestThreadedDn,
        unit: "DN",
        sense: "≤",
        remedy: "Use butt-weld or flanged ends.",
        uses: [...uses, used("size", dn, "catalogue", "DN")],
      },
    );
  },
});
