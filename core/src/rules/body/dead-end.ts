import { against, inHand } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { deadEndOf } from "../limits/dead-end.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { worstPressure } from "../worst.ts";

export const deadEnd = rule({
  id: "body/dead-end",
  asks: "At the end of a line",
  source: "A wafer body is held by two flanges; a lug body by its maker's dead-end rating",
  inputs: ["end of line", "end connection", "dead-end rating", "pressure"],
  hangsOn: ["size", "grade", "cavity"],
  unraised: (duty) => (!duty.stated.deadEnd ? "Piped on both sides." : null),
  examine: ({ valve, duty, house }) => {
    const { line } = valve;
    const end = deadEndOf(valve, duty);
    const uses = [
      stated("end of line", true, duty.stated.deadEnd),
      used("ends offered", line.ends.join(", "), "catalogue"),
    ];
    if (end.held === "on its own")
      return plain("holds", "The body is bolted or welded on its own.", { uses, value: duty.endConnection });
    if (end.held === "not at all")
      return plain("fails", "A wafer body falls off when the far flange is taken away.", {
        uses,
        value: "end of line",
        limit: "wafer",
        remedy: "A lug body with a dead-end rating, or a flanged one.",
      });
    if (end.limitBarG === null)
      return plain("fails", "The maker gives no dead-end rating for the lug body.", {
        uses,
        value: "end of line",
        limit: "not rated",
        remedy: "A line with a dead-end rating, or a flanged body.",
      });
    const pressure = worstPressure(duty);
    if (pressure === null) return cannotTell("the highest pressure", { uses });
    const limit = end.limitBarG;
    const measured = against(pressure, limit, house.pressureMargin / 100);
    const { verdict } = measured;
    return plain(
      verdict,
      verdict === "fails"
        ? "Above what the lugs hold at the end of a line."
        : "The lugs hold it at the end of a line.",
      {
        value: pressure,
        limit,
        unit: "bar g",
        sense: "≤",
        remedy: verdict === "fails" ? "A flanged body." : null,
        uses: [...uses, used("share of the rating at the end of a line", line.deadEndFactor!, "catalogue")],
      },
      inHand(measured, "%"),
    );
  },
});
