import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { usesLineGas } from "../../../equipment/drives/supplies.ts";
import { hazardsUsed, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByLineGas } from "./by-operator.ts";

export const lineGas = rule({
  id: "drive/line-gas",
  asks: "Line gas as supply",
  source: "Every stroke vents gas to the air (practice)",
  inputs: ["phase", "pressure of every case", "hazards"],
  dependsOn: ["drive.family"],
  notApplicableBecause: unlessByLineGas,
  examine: ({ drive, duty }) => {
    if (!drive || !usesLineGas(kindOf(drive.family).supply))
      return notAsked("The actuator does not use line gas.");
    if (duty.lineGas === null) return cannotTell("gas and its pressure in every case");
    const uses = [
      hazardsUsed(duty),
      used("lowest line pressure", duty.lineGas.lowestBarG, "entered", "bar g"),
    ];
    const toxic = duty.hazards.has("toxic") || duty.hazards.has("lethal");
    if (toxic)
      return plain("fails", "Every stroke would vent toxic gas.", {
        uses,
        remedy: "Use bottled nitrogen, instrument air or an electric motor.",
      });
    return plain("tight", "Every stroke vents line gas. Pipe the vent to a safe place.", {
      uses,
      remedy: "Add a vent to a safe place and a filter, or use an electric motor.",
    });
  },
});
