import { inherentOf } from "../../../equipment/trims/characteristic.ts";
import { flowOf } from "../../../mechanics/flow/picked.ts";
import { used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { noFlow } from "./flow-rule.ts";

/** Whether the trim has the characteristic that is asked for. */
export const characteristicAsked = rule({
  id: "flow/characteristic",
  asks: "Characteristic",
  source: "Inherent flow coefficient at half travel as a share of the rated coefficient (house rule)",
  inputs: ["required characteristic", "curve of the trim"],
  dependsOn: ["size", "flow"],
  notApplicableBecause: (duty) =>
    noFlow(duty, "throttling") ??
    (duty.stated.characteristic === null ? "The duty asks for no characteristic." : null),
  examine: ({ valve, duty, house }) => {
    const { trim } = flowOf(valve, duty, house);
    const asked = duty.stated.characteristic!;
    const { name, halfShare } = inherentOf(trim);
    const uses = () => [
      used("trim", trim.trim.name, trim.typical ? "estimate" : "catalogue"),
      used(
        "of the rated coefficient at half travel",
        100 * halfShare,
        trim.typical ? "estimate" : "catalogue",
        "%",
      ),
    ];
    const reading = { value: name, limit: asked, uses };
    if (name === asked) return plain("holds", "The characteristic of the trim is as specified.", reading);
    return plain("fails", "The characteristic of the trim differs from the duty.", {
      ...reading,
      remedy: "Use a trim with the required characteristic, or a positioner that adapts the signal.",
    });
  },
});
