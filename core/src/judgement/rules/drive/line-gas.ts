import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { usesLineGas } from "../../../equipment/drives/supplies.ts";
import { hazardsUsed, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByLineGas } from "./by-operator.ts";

export const lineGas = rule({
  id: "drive/line-gas",
  asks: "Gas of the line as supply",
  source: "What a drive lets out at every stroke goes to the air (practice)",
  inputs: ["phase", "pressure of every case", "hazards"],
  hangsOn: ["drive.family"],
  unraised: unlessByLineGas,
  examine: ({ drive, duty }) => {
    if (!drive || !usesLineGas(kindOf(drive.family).supply))
      return notAsked("It does not run on the line's gas.");
    if (duty.lineGas === null) return cannotTell("gas and its pressure in every case");
    const uses = [
      hazardsUsed(duty),
      used("lowest line pressure", duty.lineGas.lowestBarG, "entered", "bar g"),
    ];
    const toxic = duty.hazards.has("toxic") || duty.hazards.has("lethal");
    if (toxic)
      return plain("fails", "Every stroke would let toxic gas out.", {
        uses,
        remedy: "Bottled nitrogen, instrument air or a motor.",
      });
    return plain("tight", "Every stroke lets gas of the line out: pipe it to a safe place.", {
      uses,
      remedy: "A vent to a safe place and a filter, or a motor.",
    });
  },
});
