import { functionUsed, functionWords, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Whether anything but control is asked of a seat that does not touch. */
export const clearance = rule({
  id: "body/clearance",
  asks: "Clearance seat",
  source: "A clearance seat is for control. It does not rub or jam, and it always leaks",
  inputs: ["function", "kind of the cases", "contact of seat and closing member"],
  dependsOn: ["seat"],
  // A case in which the valve is shut asks for shut-off, whatever else it is for.
  notApplicableBecause: ({ function: asked, cases }) =>
    asked.size === 1 && asked.has("throttling") && cases.every(({ kind }) => kind !== "shut-off differential")
      ? "The duty asks for control only."
      : null,
  examine: ({ valve, duty }) => {
    if (valve.seat.offer.execution !== "clearance") return notAsked("The seat touches the closing member.");
    return plain(
      "fails",
      "The valve leaks when closed, because the seat does not touch the closing member.",
      {
        value: functionWords(duty),
        limit: "control alone",
        remedy: "Use a seat that touches the closing member.",
        uses: [functionUsed(duty), used("seat", "clearance", "catalogue")],
      },
    );
  },
});
