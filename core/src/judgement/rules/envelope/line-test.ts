import { valueOnCurve } from "../../../basis/reference/curve.ts";
import { against, inMargin } from "../compare.ts";
import { used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const lineTest = rule({
  id: "envelope/line-test",
  asks: "Line test, valve closed",
  source:
    "A closed valve is tested at no more than 1.1 × the lower of body rating and seat limit (API 598, API 6D)",
  inputs: ["line test pressure", "rating", "seat curve"],
  dependsOn: ["size", "grade", "cavity", "seat"],
  notApplicableBecause: (duty) =>
    duty.stated.lineTestBarG === null ? "The duty states no line test against the closed valve." : null,
  examine: ({ valve, duty }) => {
    const test = duty.stated.lineTestBarG!;
    const rating = valueOnCurve(valve.ratingCurve, 38);
    const seat = valve.seat.curve === null ? rating : valueOnCurve(valve.seat.curve, 38);
    const measured = against(test, 1.1 * Math.min(rating, seat), 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The line test would damage the closed valve. Test the line with the valve open or half open."
        : "The line test is within the limit of the closed valve.",
      {
        value: test,
        limit: 1.1 * Math.min(rating, seat),
        unit: "bar g",
        sense: "≤",
        remedy:
          measured.verdict === "fails"
            ? "Test with the valve open, or use a seat with a higher limit."
            : null,
        uses: [
          used("line test", test, "entered", "bar g"),
          used("rating at 38 °C", rating, "reference", "bar g"),
          used("seat limit at 38 °C", seat, valve.seat.curveIsGeneric ? "reference" : "catalogue", "bar"),
        ],
      },
      inMargin(measured, "%", false),
    );
  },
});
