import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

export const wheelTurns = rule({
  id: "drive/wheel-turns",
  asks: "Handwheel turns",
  source: "Gear ratio over a quarter turn, or lift divided by lead, against the house rule",
  inputs: ["gear ratio", "stem: lift and lead", "house rule: most turns of a handwheel"],
  dependsOn: ["size", "drive"],
  notApplicableBecause: unlessByHand,
  tight: "mild",
  examine: ({ drive, valve: { size }, house }) => {
    if (drive?.wheelTurns === undefined) return notAsked("The operator has no handwheel.");
    const { gearRatio = 1 } = drive.family.sizes.find(({ id }) => id === drive.sizeId) as {
      readonly gearRatio?: number;
    };
    const { stemThread } = size;
    const turns = drive.wheelTurns ?? (stemThread && (stemThread.liftMm / stemThread.leadMm) * gearRatio);
    if (turns === null) return cannotTell("lift and lead of the stem");
    const measured = against(turns, house.mostWheelTurns, 0);
    const many = measured.verdict === "fails";
    return plain(
      many ? "tight" : "holds",
      many
        ? "The number of turns to close exceeds the house rule."
        : "The number of turns to close is within the house rule.",
      {
        value: turns,
        limit: house.mostWheelTurns,
        sense: "≤",
        unit: "",
        remedy: many ? "Use an electric actuator or a portable one." : null,
        uses: [used("highest number of turns", house.mostWheelTurns, "house rule")],
      },
    );
  },
});
