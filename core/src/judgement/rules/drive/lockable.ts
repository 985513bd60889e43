import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { isByHand } from "../../../equipment/drives/supplies.ts";
import { hazardsUsed, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

export const lockable = rule({
  id: "drive/lockable",
  asks: "Locked in place",
  source: "Isolation by hand is locked while people work behind it (practice)",
  inputs: ["hazards", "drive family: lockable"],
  hangsOn: ["drive.family"],
  unraised: unlessByHand,
  tight: "mild",
  examine: ({ drive, duty }) => {
    if (!drive || !isByHand(kindOf(drive.family).supply)) return notAsked("No hand turns it.");
    const lock = (drive.family as { readonly lockable?: boolean | null }).lockable;
    if (lock === undefined) return notAsked("A chain locks a wheel.");
    const uses = [
      hazardsUsed(duty),
      used("lockable", lock === null ? "not stated" : lock ? "yes" : "no", "catalogue"),
    ];
    return lock
      ? plain("holds", "The lever can be locked open and shut.", { uses })
      : plain("tight", "Nothing is said of a lock: order a lockable lever.", {
          uses,
          remedy: "A lockable lever, or a locking plate.",
        });
  },
});
