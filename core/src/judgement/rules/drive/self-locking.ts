import { functionUsed, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

export const selfLocking = rule({
  id: "drive/self-locking",
  asks: "Stays where it is left",
  source: "Flow turns a disc and a throttling closure; a worm that does not lock lets it (practice)",
  inputs: ["function", "construction", "gearbox: self-locking"],
  hangsOn: ["line", "drive.family"],
  unraised: unlessByHand,
  examine: ({ valve, drive, duty }) => {
    const locks = (drive?.family as { readonly selfLocking?: boolean | null } | undefined)?.selfLocking;
    if (locks === undefined) return notAsked("No gearbox.");
    const throttles = duty.function.has("throttling");
    const turns = valve.construction.closure === "disc" || throttles;
    const uses = [
      functionUsed(duty),
      used("self-locking", locks === null ? "not stated" : locks ? "yes" : "no", "catalogue"),
    ];
    if (locks) return plain("holds", "The gear holds the closure where it is left.", { uses });
    if (!turns) return plain("holds", "Nothing in the flow turns it.", { uses });
    return plain(
      locks === false ? "fails" : "tight",
      locks === false
        ? "The flow can turn the closure through the gear."
        : "Nothing is said of locking: the flow may turn the closure through the gear.",
      { uses, remedy: "A self-locking worm gear." },
    );
  },
});
