import { used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { noFire } from "../raised.ts";
import { rule } from "../rule.ts";

export const ballStops = rule({
  id: "body/ball-stops",
  asks: "Ball kept in place after fire",
  source: "Once a soft seat has burnt, ribs or stops keep the ball on its metal lip",
  inputs: ["fire-safe", "fire case", "seat", "product line's stops"],
  hangsOn: ["seat"],
  unraised: noFire,
  examine: ({ valve }) => {
    if (valve.construction.support !== "floating" || valve.seat.material.kind === "metal")
      return notAsked("The closing member does not rest on a seat that burns.");
    return fits(
      valve.line.ballStops,
      {
        holds: "Stops keep the ball in place once a seat has burnt.",
        fails: "Once a seat has burnt the ball drops; look at the fire test's position.",
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
