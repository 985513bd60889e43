import { against } from "../compare.ts";
import { pressureAndTemperature } from "../inputs.ts";
import { bodyRatingBarG, ratingEndsAtC } from "../limits/body.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const bodyClass = rule({
  id: "envelope/body-class",
  asks: "Body rating",
  source: "ASME B16.34 / EN 1092-1 by material group (indicative)",
  inputs: ["pressure", "temperature", "class", "material group", "house rule: pressure margin"],
  dependsOn: ["grade", "class"],
  examine: ({ valve, duty, house }) => {
    const top = ratingEndsAtC(valve);
    return overCases(duty.cases, {
      unit: "bar g",
      marginUnit: "%",
      sense: "≤",
      measure: (c) => {
        if (c.pressureBarG === null) return { missing: "pressure" };
        if (c.temperatureC === null) return { missing: "temperature" };
        return against(c.pressureBarG, bodyRatingBarG(valve, c.temperatureC), house.pressureMargin / 100);
      },
      says: (verdict) =>
        verdict === "fails"
          ? "The pressure exceeds the body rating at this temperature."
          : verdict === "tight"
            ? "The body rating is sufficient, but the margin is below the house rule."
            : "The body rating covers every case.",
      remedy: (verdict) =>
        verdict === "fails" ? "Use a higher class, or a material group with a higher rating." : null,
      uses: (c) => [
        ...pressureAndTemperature(c),
        { what: "designation", value: valve.size.designation, unit: "", origin: "catalogue" },
        {
          what: `material group of ${valve.grade.grade}`,
          value: valve.grade.group,
          unit: "",
          origin: "reference",
        },
        { what: "rating table ends at", value: top, unit: "°C", origin: "reference" },
        { what: "margin required", value: house.pressureMargin, unit: "%", origin: "house rule" },
      ],
    });
  },
});
