import { functionUsed, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const throttling = rule({
  id: "body/throttling",
  asks: "Throttling",
  source: "A part-open ball erodes its seat. Notched balls, segments and discs are made for throttling",
  inputs: ["function", "construction"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) =>
    !duty.function.has("throttling") ? "The duty does not ask for throttling." : null,
  examine: ({ valve, duty }) => {
    const can = valve.construction.throttling;
    const seen = {
      value: "wanted",
      limit: can,
      uses: [functionUsed(duty), used("construction", valve.construction.name, "catalogue")],
    };
    if (can === "fine") return plain("holds", "The construction is made for throttling.", seen);
    if (can === "coarse")
      return plain("tight", "The construction throttles coarsely in mid-travel only.", seen);
    return plain("fails", "In part-open position the jet erodes the seat.", {
      ...seen,
      remedy: "Use a V-port ball, a segment ball or a disc.",
    });
  },
});
