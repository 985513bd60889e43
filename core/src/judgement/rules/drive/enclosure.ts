import { codeWanted, keepsOut } from "../../../duty/area/enclosure.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { hasMotor } from "../../../equipment/drives/supplies.ts";
import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";

export const enclosure = rule({
  id: "drive/enclosure",
  asks: "Enclosure of the drive",
  source: "IEC 60529 (IP) and NEMA 250 (type) against the place; neither is converted into the other",
  inputs: ["installation", "drive family: enclosure"],
  hangsOn: ["drive.family"],
  unraised: unlessByMotor,
  tight: "mild",
  examine: ({ drive, duty }) => {
    if (!drive || !hasMotor(kindOf(drive.family).supply)) return notAsked("No electrical part of its own.");
    const text = drive.family.enclosure;
    const uses = [
      stated("installation", duty.installation, duty.stated.installation),
      used("enclosure", text ?? "not stated", "catalogue"),
      used("wanted there", codeWanted(duty.installation), "reference"),
    ];
    if (text === null)
      return plain("tight", "The maker does not say how tight the enclosure is.", {
        uses,
        remedy: "Order it for the place.",
      });
    return keepsOut(text, duty.installation)
      ? plain("holds", "Its enclosure is made for the place.", { uses })
      : plain("fails", "Its enclosure lets in what the place brings.", {
          uses,
          remedy: "A tighter enclosure, or a housing around it.",
        });
  },
});
