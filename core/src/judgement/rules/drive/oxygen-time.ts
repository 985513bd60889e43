import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { noOxygen } from "../raised.ts";
import { rule } from "../rule.ts";
import { timing } from "./timing.ts";

export const oxygenTime = rule({
  id: "drive/oxygen-time",
  asks: "Opened slowly, oxygen",
  source:
    "Compression at once heats oxygen and what it meets (practice; house number); reckoned at its fastest, with nothing asked of the drive",
  inputs: ["hazards of the fluid", "lowest air supply", "drive's volume", "house rule: shortest opening"],
  hangsOn: ["size", "cavity", "seat", "drive"],
  unraised: noOxygen,
  examine: (judged) => {
    if (!judged.drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    if (judged.valve.construction.stroke === "rising stem") return notAsked("The stem opens it slowly.");
    const opening = timing(judged, "opening");
    const seconds = opening?.shortestS ?? null;
    if (opening === null || seconds === null) return cannotTell("how long the drive takes to open");
    const limit = judged.house.oxygenOpensS;
    const uses = [...opening.uses, used("shortest opening", limit, "house rule", "s")];
    const figures = { value: seconds, limit, sense: "≥" as const, unit: "s" as const, uses };
    return seconds >= limit
      ? plain("holds", "It opens as slowly as oxygen asks, as it is.", figures)
      : plain("tight", "It opens faster than oxygen allows, unless its air is throttled.", {
          ...figures,
          remedy: "A throttle in the line of air that opens it, sealed once it is set.",
        });
  },
});
