import { used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { noFire } from "../raised.ts";
import { rule } from "../rule.ts";

export const ballStops = rule({
  id: "body/ball-stops",
  asks: "Ball retention after fire",
  source: "After a soft seat has burnt, ribs or stops keep the ball on its metal lip",
  inputs: ["fire-safe", "fire case", "seat", "product line's stops"],
  dependsOn: ["seat"],
  notApplicableBecause: noFire,
  examine: ({ valve }) => {
    if (valve.construction.support !== "floating" || valve.seat.material.kind === "metal")
      return notAsked("The closing member does not rest on a combustible seat.");
    return fits(
      valve.line.ballStops,
      {
        holds: "Stops hold the ball in place after a seat has burnt.",
        fails: "The ball drops after a seat has burnt. Check the valve position in the fire test report.",
      },
      {
        value: "wanted",
        limit: valve.line.ballStops ? "fitted" : "none",
        uses: [used("stops", valve.line.ballStops ? "fitted" : "none", "catalogue")],
      },
      "tight",
    );
  },
});
