import { carries } from "../../../mechanics/flow/assess.ts";
import { flowOf } from "../../../mechanics/flow/picked.ts";
import { stated, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { noFlow } from "./flow-rule.ts";

/** Whether small ways of a trim clog. */
export const passage = rule({
  id: "flow/passage",
  asks: "Passage size",
  source: "Narrowest passage of the trim for a fluid with solids or fibres; limit by house rule",
  inputs: ["solids, fibres", "narrowest passage of the trim", "house rule: narrowest way"],
  dependsOn: ["size", "flow"],
  notApplicableBecause: (duty) =>
    noFlow(duty, "throttling") ?? (carries(duty) ? null : "The fluid carries no solids and no fibres."),
  examine: ({ valve, duty, house }) => {
    const { trim } = flowOf(valve, duty, house);
    if (trim.typical) return notAsked("The maker states no trim. A plain trim is assumed.");
    if (trim.passageMm === null) return cannotTell(`narrowest passage of ${trim.trim.name}`);
    const { solidsPercent, fibres } = duty.stated.fluid;
    const narrow = trim.passageMm < house.dirtPassageMm;
    return plain(
      narrow ? "tight" : "holds",
      narrow ? "The passages are so narrow that solids or fibres clog them." : "Solids and fibres pass.",
      {
        value: trim.passageMm,
        limit: house.dirtPassageMm,
        sense: "≥",
        unit: "mm",
        remedy: narrow ? "Use a trim with larger passages, or a strainer upstream." : null,
        uses: () => [
          used("trim", trim.trim.name, "catalogue"),
          stated("solids", solidsPercent ?? 0, solidsPercent, "%"),
          stated("fibres", fibres ?? false, fibres),
        ],
      },
    );
  },
});
