import { functionUsed, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

export const selfLocking = rule({
  id: "drive/self-locking",
  asks: "Self-locking",
  source: "Flow can turn a disc or a throttling closure if the worm gear is not self-locking (practice)",
  inputs: ["function", "construction", "gearbox: self-locking"],
  dependsOn: ["line", "drive.family"],
  notApplicableBecause: unlessByHand,
  examine: ({ valve, drive, duty }) => {
    const locks = (drive?.family as { readonly selfLocking?: boolean | null } | undefined)?.selfLocking;
    if (locks === undefined) return notAsked("The operator has no gearbox.");
    const throttles = duty.function.has("throttling");
    const turns = valve.construction.closure === "disc" || throttles;
    const uses = [
      functionUsed(duty),
      used("self-locking", locks === null ? "not stated" : locks ? "yes" : "no", "catalogue"),
    ];
    if (locks) return plain("holds", "The gear is self-locking and holds the closing member.", { uses });
    if (!turns) return plain("holds", "Flow does not turn this closing member.", { uses });
    return plain(
      locks === false ? "fails" : "tight",
      locks === false
        ? "The gear is not self-locking: flow can turn the closing member."
        : "The maker does not state whether the gear is self-locking. Flow could turn the closing member.",
      { uses, remedy: "Use a self-locking worm gear." },
    );
  },
});
