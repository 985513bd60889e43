import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { isByHand } from "../../../equipment/drives/supplies.ts";
import { used } from "../inputs.ts";
import { cannotTell, fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const handOverride = rule({
  id: "drive/hand-override",
  asks: "Hand override",
  source: "The drive's maker; a lever slipped on a drive under air or spring breaks arms (practice)",
  inputs: ["hand override", "drive family: hand override"],
  hangsOn: ["drive.family"],
  unraised: ({ stated }) => (stated.handOverride === true ? null : "No hand override is asked for."),
  examine: ({ drive }) => {
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    if (isByHand(kindOf(drive.family).supply)) return notAsked("A hand turns it anyway.");
    const { handOverride: has } = drive.family;
    const uses = [used("hand override", has === null ? "not stated" : has ? "yes" : "no", "catalogue")];
    if (has === null) return cannotTell("whether a hand can turn it with its supply gone", { uses });
    return fits(
      has,
      {
        holds: "A hand turns it with its supply gone, disengaged from it.",
        fails: "With its supply gone no hand can turn it.",
      },
      { uses, remedy: "A drive with a wheel that disengages, or a gearbox between the two." },
    );
  },
});
