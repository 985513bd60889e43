import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByHand } from "./by-operator.ts";

export const wheelTurns = rule({
  id: "drive/wheel-turns",
  asks: "Turns of the handwheel",
  source: "Gear ratio over a quarter turn, against what somebody turns in a hurry (house rules)",
  inputs: ["gear ratio", "house rule: most turns of a handwheel"],
  hangsOn: ["drive"],
  unraised: unlessByHand,
  tight: "mild",
  examine: ({ drive, house }) => {
    if (drive?.wheelTurns === undefined) return notAsked("No handwheel.");
    if (drive.wheelTurns === null) return notAsked("The stem's lift and pitch say how often it turns.");
    const measured = against(drive.wheelTurns, house.mostWheelTurns, 0);
    const many = measured.verdict === "fails";
    return plain(
      many ? "tight" : "holds",
      many ? "It takes very many turns to shut." : "It is shut in a bearable number of turns.",
      {
        value: drive.wheelTurns,
        limit: house.mostWheelTurns,
        sense: "≤",
        unit: "",
        remedy: many ? "A drive with a motor, or one carried to it." : null,
        uses: [used("most turns", house.mostWheelTurns, "house rule")],
      },
    );
  },
});
