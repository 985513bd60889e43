import { metalLimits } from "../../../basis/reference/metals.ts";
import { used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const galling = rule({
  id: "envelope/galling",
  asks: "Ball on metal seat",
  source: "Similar stainless steels gall under load. One face needs a hard coating (practice)",
  inputs: ["seat", "trim"],
  dependsOn: ["trim", "seat"],
  examine: ({ valve }) => {
    if (valve.seat.material.kind !== "metal") return notAsked("A soft seat does not gall.");
    const { ball, coating } = valve.trim;
    const galls = coating === null && (metalLimits(ball)?.gallsOnItself ?? true);
    return fits(
      !galls,
      {
        holds: "A hard face protects ball and seat from galling.",
        fails: "An uncoated ball galls on a metal seat.",
      },
      {
        value: ball,
        limit: coating ?? "no coating",
        remedy: "Use a coated ball.",
        uses: [
          used("ball", ball, "catalogue"),
          used("coating", coating ?? "none", "catalogue"),
          used("seat", valve.seat.material.name, "catalogue"),
        ],
      },
    );
  },
});
