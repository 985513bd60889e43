import { hazardsUsed, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { noPoison } from "../raised.ts";
import { rule } from "../rule.ts";

export const stemSealToxic = rule({
  id: "body/stem-seal-toxic",
  asks: "Stem seal in toxic service",
  source: "A second seal stands behind the first, with a leak-off where a leak can kill",
  inputs: ["hazards of the fluid", "stem seal"],
  hangsOn: ["seals"],
  unraised: noPoison,
  examine: ({ valve, duty }) => {
    const lethal = duty.hazards.has("lethal");
    const seal = valve.seals.stemSeal;
    const seen = {
      value: lethal ? "lethal" : "toxic",
      limit: seal,
      uses: [hazardsUsed(duty), used("stem seal", seal, "catalogue")],
    };
    if (seal === "double packing with leak-off")
      return plain("holds", "Two seals with a leak-off between them.", seen);
    if (lethal)
      return plain("fails", "One leak path with no warning where a leak can kill.", {
        ...seen,
        remedy: "Double packing with a leak-off port.",
      });
    return seal === "adjustable gland"
      ? plain("tight", "A plain gland leaks before anyone tightens it.", seen)
      : plain("holds", "A second seal or a constant load stands behind the first.", seen);
  },
});
