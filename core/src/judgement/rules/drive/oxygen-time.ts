import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { noOxygen } from "../raised.ts";
import { rule } from "../rule.ts";
import { timing } from "./timing.ts";

export const oxygenTime = rule({
  id: "drive/oxygen-time",
  asks: "Opening time in oxygen",
  source:
    "Fast opening compresses and heats oxygen, which can ignite seats and dirt (practice; limit by house rule). The fastest opening of the actuator counts",
  inputs: ["hazards of the fluid", "lowest air supply", "actuator volume", "house rule: shortest opening"],
  dependsOn: ["size", "cavity", "seat", "drive"],
  notApplicableBecause: noOxygen,
  examine: (judged) => {
    if (!judged.drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    if (judged.valve.construction.stroke === "rising stem")
      return notAsked("A rising stem opens the valve slowly.");
    const opening = timing(judged, "opening");
    const seconds = opening?.shortestS ?? null;
    if (opening === null || seconds === null) return cannotTell("opening time of the actuator");
    const limit = judged.house.oxygenOpensS;
    const uses = [...opening.uses, used("shortest opening", limit, "house rule", "s")];
    const figures = { value: seconds, limit, sense: "≥" as const, unit: "s" as const, uses };
    return seconds >= limit
      ? plain("holds", "The fastest opening is slower than the oxygen limit.", figures)
      : plain("tight", "The fastest opening is quicker than the oxygen limit, unless the air is throttled.", {
          ...figures,
          remedy: "Fit a flow restrictor in the opening air line and seal its setting.",
        });
  },
});
