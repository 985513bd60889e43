import { valueOnCurve } from "../../../basis/reference/curve.ts";
import { against, inHand } from "../compare.ts";
import { used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const lineTest = rule({
  id: "envelope/line-test",
  asks: "Line test against the shut valve",
  source:
    "A shut valve is tested at most at a tenth above the lower of rating and seat limit (API 598, API 6D)",
  inputs: ["line test pressure", "rating", "seat curve"],
  hangsOn: ["size", "grade", "cavity", "seat"],
  unraised: (duty) =>
    duty.stated.lineTestBarG === null ? "No line test against the shut valve is stated." : null,
  examine: ({ valve, duty }) => {
    const test = duty.stated.lineTestBarG!;
    const rating = valueOnCurve(valve.ratingCurve, 38);
    const seat = valve.seat.curve === null ? rating : valueOnCurve(valve.seat.curve, 38);
    const measured = against(test, 1.1 * Math.min(rating, seat), 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The line's test would hurt the shut valve: test with it open or half open."
        : "The shut valve stands the line's test.",
      {
        value: test,
        limit: 1.1 * Math.min(rating, seat),
        unit: "bar g",
        sense: "≤",
        remedy:
          measured.verdict === "fails" ? "Test with the valve open, or a seat with a higher limit." : null,
        uses: [
          used("line test", test, "entered", "bar g"),
          used("rating at 38 °C", rating, "reference", "bar g"),
          used("seat limit at 38 °C", seat, valve.seat.curveIsGeneric ? "reference" : "catalogue", "bar"),
        ],
      },
      inHand(measured, "%", false),
    );
  },
});
