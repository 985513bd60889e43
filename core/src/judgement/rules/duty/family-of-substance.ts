import { used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";

const waters = ["water", "hot water above 90 C", "steam", "seawater and brine"];

/** Families that a fluid of the other may be entered as, because they only say more about it. */
const refines: readonly (readonly [stated: readonly string[], ofSubstance: readonly string[]])[] = [
  [waters, ["water", "hot water above 90 C", "steam"]],
  [
    ["sweet hydrocarbon gas", "sweet hydrocarbon liquid", "sour hydrocarbon", "polymerising monomer"],
    ["sweet hydrocarbon gas", "sweet hydrocarbon liquid"],
  ],
];

export const familyOfSubstance = dutyRule({
  id: "duty/family-of-substance",
  asks: "Family of the substance",
  source:
    "Service family of the substance in the table of fluids (indicative). Materials are judged in both families",
  inputs: ["service family", "substance"],
  notApplicableBecause: ({ stated, substance }) =>
    stated.fluid.family === null || substance === null ? "Family and substance are not both stated." : null,
  examine: ({ duty: { stated, substance } }) => {
    const family = stated.fluid.family!;
    const agrees =
      family === substance!.family ||
      refines.some(([from, to]) => from.includes(family) && to.includes(substance!.family));
    return plain(
      agrees ? "holds" : "tight",
      agrees
        ? "The service family agrees with the substance."
        : "The service family contradicts the substance. Materials are judged in both, and the worse result counts.",
      {
        value: family,
        limit: substance!.family,
        remedy: agrees ? null : "Correct the service family or the substance.",
        uses: [
          used("service family", family, "entered"),
          used("substance", substance!.name, "entered"),
          used("family of the substance", substance!.family, "reference"),
        ],
      },
    );
  },
});
