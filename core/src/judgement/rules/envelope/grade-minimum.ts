import { kelvinTo } from "../compare.ts";
import { temperatureOf } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";
import { withAmbient } from "./ambient.ts";

export const gradeMinimum = rule({
  id: "envelope/grade-minimum",
  asks: "Grade minimum",
  source: "Minimum temperature of the grade, impact-tested where the grade requires it (indicative)",
  inputs: ["temperature", "lowest ambient", "body grade", "house rule: temperature margin"],
  dependsOn: ["grade"],
  examine: ({ valve, duty, house }) =>
    overCases(withAmbient(duty), {
      unit: "°C",
      marginUnit: "K",
      sense: "≥",
      // The grade's minimum already holds a toughness margin, so a case at the limit is only tight.
      measure: (c) =>
        c.temperatureC === null
          ? { missing: "temperature" }
          : kelvinTo(c.temperatureC, valve.grade.minimumC, "≥", Math.min(house.temperatureMarginC, 5)),
      says: (verdict) =>
        verdict === "fails"
          ? "The temperature is below the minimum of the grade: brittle fracture is possible."
          : verdict === "tight"
            ? "The temperature is close to the minimum of the grade."
            : "The temperature is above the minimum of the grade in every case.",
      remedy: (verdict) => (verdict === "fails" ? "Use an impact-tested or austenitic grade." : null),
      uses: (c) => [
        ...temperatureOf(c),
        {
          what: `lowest for ${valve.grade.grade}`,
          value: valve.grade.minimumC,
          unit: "°C",
          origin: "reference",
        },
        ...(valve.grade.note
          ? [{ what: "note", value: valve.grade.note, unit: "" as const, origin: "reference" as const }]
          : []),
      ],
    }),
});
