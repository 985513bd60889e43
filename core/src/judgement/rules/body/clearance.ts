import { functionUsed, functionWords, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Whether anything but control is asked of a seat that does not touch. */
export const clearance = rule({
  id: "body/clearance",
  asks: "Seat that does not touch",
  source: "A seat with clearance controls: nothing rubs or jams, and it always passes some",
  inputs: ["function", "kind of the cases", "how the seat meets the closure"],
  hangsOn: ["seat"],
  // A case it is shut in asks it to shut, whatever else it is for.
  unraised: ({ function: asked, cases }) =>
    asked.size === 1 && asked.has("throttling") && cases.every(({ kind }) => kind !== "shut-off differential")
      ? "Control alone is asked for."
      : null,
  examine: ({ valve, duty }) => {
    if (valve.seat.offer.execution !== "clearance") return notAsked("Its seat touches the closure.");
    return plain("fails", "Shut, it still passes: its seat does not touch.", {
      value: functionWords(duty),
      limit: "control alone",
      remedy: "A seat that touches the closure.",
      uses: [functionUsed(duty), used("seat", "clearance", "catalogue")],
    });
  },
});
