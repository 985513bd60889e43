import { kelvinTo } from "../compare.ts";
import { temperatureOf } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const gradeMaximum = rule({
  id: "envelope/grade-maximum",
  asks: "Grade maximum",
  source: "Grade's own maximum: graphitisation, embrittlement, loss of strength (indicative)",
  inputs: ["temperature", "body grade", "house rule: temperature margin"],
  hangsOn: ["grade"],
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
          ? "Hotter than the grade may be used."
          : verdict === "tight"
            ? "Close to the grade's highest temperature."
            : "Every case is below the grade's highest temperature.",
      remedy: (verdict) => (verdict === "fails" ? "A chromium–molybdenum or austenitic grade." : null),
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
