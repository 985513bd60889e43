import { hazardsUsed, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { noPoison } from "../raised.ts";
import { rule } from "../rule.ts";

export const stemSealToxic = rule({
  id: "body/stem-seal-toxic",
  asks: "Stem seal in toxic service",
  source: "Toxic service needs a second stem seal, lethal service also a leak-off between them",
  inputs: ["hazards of the fluid", "stem seal"],
  dependsOn: ["seals"],
  notApplicableBecause: noPoison,
  examine: ({ valve, duty }) => {
    const lethal = duty.hazards.has("lethal");
    const seal = valve.seals.stemSeal;
    const seen = {
      value: lethal ? "lethal" : "toxic",
      limit: seal,
      uses: [hazardsUsed(duty), used("stem seal", seal, "catalogue")],
    };
    if (seal === "double packing with leak-off")
      return plain("holds", "The stem has two seals with a leak-off between them.", seen);
    if (lethal)
      return plain(
        "fails",
        "The stem has no leak-off between two seals: a lethal leak would come without warning.",
        {
          ...seen,
          remedy: "Use double packing with a leak-off port.",
        },
      );
    return seal === "adjustable gland"
      ? plain("tight", "A plain gland leaks before it is retightened.", seen)
      : plain("holds", "The stem has a second seal or a live-loaded packing.", seen);
  },
});
