import { hazardsUsed, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const stemSealToxic = rule({
  id: "body/stem-seal-toxic",
  asks: "Stem seal in toxic service",
  source: "A second seal stands behind the first, with a leak-off where a leak can kill",
  inputs: ["hazards of the fluid", "stem seal"],
  hangsOn: "seals",
  examine: ({ valve, duty }) => {
    const lethal = duty.hazards.has("lethal");
    if (!lethal && !duty.hazards.has("toxic")) return notAsked("Neither toxic nor lethal.");
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
