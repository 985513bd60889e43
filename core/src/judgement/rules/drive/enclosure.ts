import { codeWanted, keepsOut } from "../../../duty/area/enclosure.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { hasMotor } from "../../../equipment/drives/supplies.ts";
import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";

export const enclosure = rule({
  id: "drive/enclosure",
  asks: "Enclosure of the actuator",
  source:
    "IEC 60529 (IP) and NEMA 250 (type) against the site conditions; the two are not converted into each other",
  inputs: ["installation", "drive family: enclosure"],
  dependsOn: ["drive.family"],
  notApplicableBecause: unlessByMotor,
  tight: "mild",
  examine: ({ drive, duty }) => {
    if (!drive || !hasMotor(kindOf(drive.family).supply))
      return notAsked("The actuator has no electrical parts of its own.");
    const text = drive.family.enclosure;
    const uses = [
      stated("installation", duty.installation, duty.stated.installation),
      used("enclosure", text ?? "not stated", "catalogue"),
      used("required", codeWanted(duty.installation), "reference"),
    ];
    if (text === null)
      return plain("tight", "The maker does not state the enclosure rating.", {
        uses,
        remedy: "Order the required enclosure rating.",
      });
    return keepsOut(text, duty.installation)
      ? plain("holds", "The enclosure rating suits the site conditions.", { uses })
      : plain("fails", "The enclosure rating is below the site conditions.", {
          uses,
          remedy: "Use a higher enclosure rating, or a cabinet around the actuator.",
        });
  },
});
