import { flowOf } from "../../../mechanics/flow/picked.ts";
import { used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { noFlow } from "./flow-rule.ts";

/** Whether the maker says what his trim passes. */
export const trimStated = rule({
  id: "flow/trim-stated",
  asks: "Flow coefficients are stated",
  source: "The maker's trims for the size; typical figures of the construction are an estimate",
  inputs: ["flow trims of the line"],
  hangsOn: ["size"],
  unraised: (duty) => noFlow(duty, "throttling"),
  examine: ({ valve, duty, house }) => {
    const { trim } = flowOf(valve, duty, house);
    return trim.typical
      ? cannotTell("the maker's flow coefficients and curve")
      : plain("holds", "The maker states what the trim passes at every opening.", {
          value: trim.trim.name,
          uses: () => [
            used("Kv wide open", trim.kv, "catalogue", "Kv"),
            used("rangeability", trim.trim.rangeability, "catalogue"),
          ],
        });
  },
});
