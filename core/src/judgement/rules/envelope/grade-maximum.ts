import { kelvinTo } from "../compare.ts";
import { temperatureOf } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const gradeMaximum = rule({
  id: "envelope/grade-maximum",
  asks: "Grade maximum",
  source: "Maximum temperature of the grade: graphitisation, embrittlement, loss of strength (indicative)",
  inputs: ["temperature", "body grade", "house rule: temperature margin"],
  dependsOn: ["grade"],
  examine: ({ valve, duty, house }) =>
    overCases(duty.cases, {
      unit: "°C",
      marginUnit: "K",
      sense: "≤",
      measure: (c) =>
        c.temperatureC === null
          ? { missing: "temperature" }
          : kelvinTo(c.temperatureC, valve.grade.maximumC, "≤", house.temperatureMarginC),
      says: (verdict) =>
        verdict === "fails"
          ? "The temperature exceeds the maximum of the grade."
          : verdict === "tight"
            ? "The temperature is close to the maximum of the grade."
            : "The temperature is below the maximum of the grade in every case.",
      remedy: (verdict) => (verdict === "fails" ? "Use a chromium–molybdenum or austenitic grade." : null),
      uses: (c) => [
        ...temperatureOf(c),
        {
          what: `highest for ${valve.grade.grade}`,
          value: valve.grade.maximumC,
          unit: "°C",
          origin: "reference",
        },
        ...(valve.grade.note
          ? [{ what: "note", value: valve.grade.note, unit: "" as const, origin: "reference" as const }]
          : []),
      ],
    }),
});
