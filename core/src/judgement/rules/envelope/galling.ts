import { metalLimits } from "../../../basis/reference/metals.ts";
import { used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const galling = rule({
  id: "envelope/galling",
  asks: "Ball on metal seat",
  source: "Like on like stainless galls under load; one face wants a hard coating (practice)",
  inputs: ["seat", "trim"],
  hangsOn: ["trim", "seat"],
  examine: ({ valve }) => {
    if (valve.seat.material.kind !== "metal") return notAsked("A soft seat does not gall.");
    const { ball, coating } = valve.trim;
    const galls = coating === null && (metalLimits(ball)?.gallsOnItself ?? true);
    return fits(
      !galls,
      { holds: "A hard face keeps ball and seat from galling.", fails: "A bare ball galls on a metal seat." },
      {
        value: ball,
        limit: coating ?? "no coating",
        remedy: "A coated ball.",
        uses: [
          used("ball", ball, "catalogue"),
          used("coating", coating ?? "none", "catalogue"),
          used("seat", valve.seat.material.name, "catalogue"),
        ],
      },
    );
  },
});
