import { against } from "../compare.ts";
import { pressureAndTemperature, stated, used } from "../inputs.ts";
import { deadEndOf, lugsHoldBarG } from "../limits/dead-end.ts";
import { plain } from "../outcome.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const deadEnd = rule({
  id: "body/dead-end",
  asks: "Dead-end service",
  source: "A wafer body needs two flanges. A lug body needs a dead-end rating from its maker",
  inputs: ["end of line", "end connection", "dead-end rating", "pressure", "temperature"],
  dependsOn: ["size", "grade", "cavity"],
  notApplicableBecause: (duty) => (!duty.stated.deadEnd ? "The valve is piped on both sides." : null),
  examine: ({ valve, duty, house }) => {
    const { line } = valve;
    const end = deadEndOf(valve, duty);
    const uses = [
      stated("end of line", true, duty.stated.deadEnd),
      used("ends offered", line.ends.join(", "), "catalogue"),
    ];
    if (end.held === "on its own")
      return plain("holds", "The body is bolted or welded to the line by itself.", {
        uses,
        value: duty.endConnection,
      });
    if (end.held === "not at all")
      return plain("fails", "A wafer body is released when the downstream flange is removed. It can kill.", {
        uses,
        value: "end of line",
        limit: "wafer",
        remedy: "Use a lug body with a dead-end rating, or a flanged body.",
      });
    if (end.share === null)
      return plain("fails", "The maker states no dead-end rating for the lug body.", {
        uses,
        value: "end of line",
        limit: "not rated",
        remedy: "Use a product line with a dead-end rating, or a flanged body.",
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
          ? "The pressure exceeds the dead-end rating of the lug body at this temperature."
          : "The pressure is within the dead-end rating of the lug body.",
      remedy: (verdict) => (verdict === "fails" ? "Use a flanged body." : null),
      uses: (c) => [
        ...pressureAndTemperature(c),
        ...uses,
        used("dead-end share of the rating", share, "catalogue"),
      ],
    });
  },
});
