import { functionUsed, functionWords, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Whether anything but control is asked of a seat that does not touch. */
export const clearance = rule({
  id: "body/clearance",
  asks: "Seat that does not touch",
  source: "A seat with clearance controls: nothing rubs or jams, and it always passes some",
  inputs: ["function", "how the seat meets the closure"],
  hangsOn: ["seat"],
  unraised: ({ function: asked }) =>
    asked.size === 1 && asked.has("throttling") ? "Control alone is asked for." : null,
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
