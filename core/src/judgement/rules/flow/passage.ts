import { carries } from "../../../mechanics/flow/assess.ts";
import { flowOf } from "../../../mechanics/flow/picked.ts";
import { stated, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { noFlow } from "./flow-rule.ts";

/** Whether small ways of a trim clog. */
export const passage = rule({
  id: "flow/passage",
  asks: "Passages stay clear",
  source: "Narrowest way through the trim against the house's limit where the fluid carries solids or fibres",
  inputs: ["solids, fibres", "narrowest way of the trim", "house rule: narrowest way"],
  hangsOn: ["size"],
  unraised: (duty) =>
    noFlow(duty, "throttling") ?? (carries(duty) ? null : "It carries neither solids nor fibres."),
  examine: ({ valve, duty, house }) => {
    const { trim } = flowOf(valve, duty, house);
    if (trim.typical) return notAsked("The maker states no trim: it is taken as a plain one.");
    if (trim.passageMm === null) return cannotTell(`the narrowest way through ${trim.trim.name}`);
    const { solidsPercent, fibres } = duty.stated.fluid;
    const narrow = trim.passageMm < house.dirtPassageMm;
    return plain(
      narrow ? "tight" : "holds",
      narrow
        ? "Its ways are so narrow that what the fluid carries clogs them."
        : "What the fluid carries passes.",
      {
        value: trim.passageMm,
        limit: house.dirtPassageMm,
        sense: "≥",
        unit: "mm",
        remedy: narrow ? "A wider trim, or a strainer before the valve." : null,
        uses: () => [
          used("trim", trim.trim.name, "catalogue"),
          stated("solids", solidsPercent ?? 0, solidsPercent, "%"),
          stated("fibres", fibres ?? false, fibres),
        ],
      },
    );
  },
});
