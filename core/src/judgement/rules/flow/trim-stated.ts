import { flowOf } from "../../../mechanics/flow/picked.ts";
import { used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { noFlow } from "./flow-rule.ts";

/** Whether the maker states the flow coefficients of the trim. */
export const trimStated = rule({
  id: "flow/trim-stated",
  asks: "Stated flow coefficients",
  source: "Trims stated by the maker for the size; typical values of the construction are an estimate",
  inputs: ["flow trims of the line"],
  dependsOn: ["size", "flow"],
  notApplicableBecause: (duty) => noFlow(duty, "throttling"),
  examine: ({ valve, duty, house }) => {
    const { trim } = flowOf(valve, duty, house);
    return trim.typical
      ? cannotTell("maker's flow coefficients and curve")
      : plain("holds", "The maker states the flow coefficient at every travel.", {
          value: trim.trim.name,
          uses: () => [
            used("rated Kv", trim.kv, "catalogue", "Kv"),
            used("rangeability", trim.trim.rangeability, "catalogue"),
          ],
        });
  },
});
