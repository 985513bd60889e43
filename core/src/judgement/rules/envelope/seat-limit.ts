import { against } from "../compare.ts";
import { temperatureOf } from "../inputs.ts";
import { seatStandsBar } from "../limits/seat.ts";
import { notAsked } from "../outcome.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const seatLimit = rule({
  id: "envelope/seat-limit",
  asks: "Seat limit",
  source: "Seat curve of the product line, otherwise the generic curve (indicative)",
  inputs: ["pressure on either side", "temperature", "seat curve", "house rule: pressure margin"],
  dependsOn: ["size", "seat"],
  examine: ({ valve, duty, house }) => {
    const { material, curve, curveName, curveIsGeneric } = valve.seat;
    if (curve === null) return notAsked("The body class limits a metal seat.");
    return overCases(duty.cases, {
      unit: "bar",
      marginUnit: "%",
      sense: "≤",
      measure: (c) => {
        if (!c.shut) return null;
        if (c.closedDifferentialBar === null) return { missing: "pressure" };
        if (c.temperatureC === null) return { missing: "temperature" };
        const limit = seatStandsBar({ material, curve }, c.temperatureC);
        // Outside its temperatures the seat fails by another rule, so this rule stays silent.
        if (limit === null) return null;
        return against(c.closedDifferentialBar, limit, house.pressureMargin / 100);
      },
      says: (verdict) =>
        verdict === "fails"
          ? "The differential pressure with the valve closed exceeds the seat limit at this temperature."
          : verdict === "tight"
            ? "The seat limit is sufficient, but the margin is below the house rule."
            : "The seat limit covers the differential pressure with the valve closed in every case.",
      remedy: (verdict) => (verdict === "fails" ? "Use a seat with a higher limit, or a metal seat." : null),
      uses: (c) => [
        ...(c.closedDifferentialBar === null
          ? []
          : [
              {
                what: `highest differential with the valve closed, ${c.name}, downstream side vented`,
                value: c.closedDifferentialBar,
                unit: "bar" as const,
                origin: "computed" as const,
              },
            ]),
        ...temperatureOf(c),
        {
          what: `curve of ${material.name}`,
          value: curveName,
          unit: "",
          origin: curveIsGeneric ? "reference" : "catalogue",
        },
        { what: "margin required", value: house.pressureMargin, unit: "%", origin: "house rule" },
      ],
    });
  },
});
