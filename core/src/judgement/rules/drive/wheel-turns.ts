import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

export const wheelTurns = rule({
  id: "drive/wheel-turns",
  asks: "Turns of the handwheel",
  source:
    "Gear ratio over a quarter turn, or lift over lead, against what somebody turns in a hurry (house rules)",
  inputs: ["gear ratio", "stem: lift and lead", "house rule: most turns of a handwheel"],
  hangsOn: ["size", "drive"],
  unraised: unlessByHand,
  tight: "mild",
  examine: ({ drive, valve: { size }, house }) => {
    if (drive?.wheelTurns === undefined) return notAsked("No handwheel.");
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
      many ? "It takes very many turns to shut." : "It is shut in a bearable number of turns.",
      {
        value: turns,
        limit: house.mostWheelTurns,
        sense: "≤",
        unit: "",
        remedy: many ? "A drive with a motor, or one carried to it." : null,
        uses: [used("most turns", house.mostWheelTurns, "house rule")],
      },
    );
  },
});
