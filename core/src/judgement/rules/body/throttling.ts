import { functionUsed, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const throttling = rule({
  id: "body/throttling",
  asks: "Throttling",
  source: "A ball left part-open erodes its seat; notched balls and discs are made for it",
  inputs: ["function", "construction"],
  hangsOn: ["line"],
  unraised: (duty) => (!duty.function.has("throttling") ? "Throttling is not asked for." : null),
  examine: ({ valve, duty }) => {
    const can = valve.construction.throttling;
    const seen = {
      value: "wanted",
      limit: can,
      uses: [functionUsed(duty), used("construction", valve.construction.name, "catalogue")],
    };
    if (can === "fine") return plain("holds", "Made to throttle.", seen);
    if (can === "coarse") return plain("tight", "Throttles coarsely, over the middle of its stroke.", seen);
    return plain("fails", "Left part-open the jet cuts the seat.", {
      ...seen,
      remedy: "A V-port or segment ball, or a disc.",
    });
  },
});
