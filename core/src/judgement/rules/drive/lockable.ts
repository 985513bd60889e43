import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { isByHand } from "../../../equipment/drives/supplies.ts";
import { hazardsUsed, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

export const lockable = rule({
  id: "drive/lockable",
  asks: "Locking",
  source: "A manual isolation valve is locked while people work behind it (practice)",
  inputs: ["hazards", "operator family: lockable"],
  dependsOn: ["drive.family"],
  notApplicableBecause: unlessByHand,
  tight: "mild",
  examine: ({ drive, duty }) => {
    if (!drive || !isByHand(kindOf(drive.family).supply))
      return notAsked("The valve has no manual operator.");
    const lock = (drive.family as { readonly lockable?: boolean | null }).lockable;
    if (lock === undefined) return notAsked("A handwheel can be locked with a chain.");
    const uses = [
      hazardsUsed(duty),
      used("lockable", lock === null ? "not stated" : lock ? "yes" : "no", "catalogue"),
    ];
    return lock
      ? plain("holds", "The lever can be locked open and closed.", { uses })
      : plain("tight", "The maker does not state whether the lever can be locked. Order a lockable lever.", {
          uses,
          remedy: "Use a lockable lever or a locking plate.",
        });
  },
});
