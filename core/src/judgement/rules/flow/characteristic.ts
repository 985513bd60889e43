import { inherentOf } from "../../../equipment/trims/characteristic.ts";
import { flowOf } from "../../../mechanics/flow/picked.ts";
import { used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { noFlow } from "./flow-rule.ts";

/** Whether the trim has the characteristic that is asked for. */
export const characteristicAsked = rule({
  id: "flow/characteristic",
  asks: "Characteristic asked",
  source: "Inherent coefficient at half the stroke, as a share of that wide open (house convention)",
  inputs: ["characteristic asked", "curve of the trim"],
  hangsOn: ["size"],
  unraised: (duty) =>
    noFlow(duty, "throttling") ?? (duty.stated.characteristic === null ? "None is asked for." : null),
  examine: ({ valve, duty, house }) => {
    const { trim } = flowOf(valve, duty, house);
    const asked = duty.stated.characteristic!;
    const { name, halfShare } = inherentOf(trim);
    const uses = () => [
      used("trim", trim.trim.name, trim.typical ? "estimate" : "catalogue"),
      used(
        "of its coefficient at half the stroke",
        100 * halfShare,
        trim.typical ? "estimate" : "catalogue",
        "%",
      ),
    ];
    const reading = { value: name, limit: asked, uses };
    if (name === asked) return plain("holds", "The trim rises with its opening as asked.", reading);
    return plain("fails", "The trim rises with its opening otherwise than asked.", {
      ...reading,
      remedy: "A trim of the characteristic asked, or a positioner that bends the signal to it.",
    });
  },
});
