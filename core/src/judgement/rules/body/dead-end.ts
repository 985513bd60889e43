import { against } from "../compare.ts";
import { pressureAndTemperature, stated, used } from "../inputs.ts";
import { deadEndOf, lugsHoldBarG } from "../limits/dead-end.ts";
import { plain } from "../outcome.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const deadEnd = rule({
  id: "body/dead-end",
  asks: "At the end of a line",
  source: "A wafer body is held by two flanges; a lug body by its maker's dead-end rating",
  inputs: ["end of line", "end connection", "dead-end rating", "pressure", "temperature"],
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
    if (end.share === null)
      return plain("fails", "The maker gives no dead-end rating for the lug body.", {
        uses,
        value: "end of line",
        limit: "not rated",
        remedy: "A line with a dead-end rating, or a flanged body.",
      });
    const { share } = end;
    return overCases(duty.cases, {
      unit: "bar g",
      marginUnit: "%",
      sense: "≤",
      measure: (c) => {
        if (c.pressureBarG === null) return { missing: "pressure" };
        if (c.temperatureC === null) return { missing: "temperature" };
        return against(
          c.pressureBarG,
          lugsHoldBarG(valve, share, c.temperatureC),
          house.pressureMargin / 100,
        );
      },
      says: (verdict) =>
        verdict === "fails"
          ? "Above what the lugs hold at the end of a line, at its temperature."
          : "The lugs hold it at the end of a line.",
      remedy: (verdict) => (verdict === "fails" ? "A flanged body." : null),
      uses: (c) => [
        ...pressureAndTemperature(c),
        ...uses,
        used("share of the rating at the end of a line", share, "catalogue"),
      ],
    });
  },
});
