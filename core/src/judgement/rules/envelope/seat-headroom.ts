import { isPassing } from "../../../duty/statement/case-kinds.ts";
import { kelvinTo } from "../compare.ts";
import { temperatureOf } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const seatHeadroom = rule({
  id: "envelope/seat-headroom",
  asks: "Seat temperature margin",
  source: "Margin in kelvin below the continuous maximum of the seat (house rule)",
  inputs: ["temperature", "case kind", "seat continuous maximum", "house rule: seat headroom"],
  dependsOn: ["seat.material"],
  examine: ({ valve, duty, house }) => {
    const seat = valve.seat.material;
    return overCases(duty.cases, {
      unit: "°C",
      marginUnit: "K",
      sense: "≤",
      measure: (c) => {
        if (c.temperatureC === null) return { missing: "temperature" };
        // Beyond its excursions the seat's range speaks.
        if (c.temperatureC > seat.excursionMaximumC) return null;
        const measured = kelvinTo(c.temperatureC, seat.continuousMaximumC, "≤", house.seatHeadroomC);
        const excursion = isPassing(c.kind);
        return measured.verdict === "fails" && excursion
          ? { ...measured, verdict: "tight" as const }
          : measured;
      },
      says: (verdict) =>
        verdict === "fails"
          ? "The temperature exceeds the continuous maximum of the seat."
          : verdict === "tight"
            ? "The margin to the continuous maximum of the seat is below the house rule."
            : "The margin to the continuous maximum of the seat meets the house rule.",
      remedy: (verdict) => (verdict === "holds" ? null : "Use a seat with a higher continuous maximum."),
      uses: (c) => [
        ...temperatureOf(c),
        {
          what: `continuous maximum of ${seat.name}`,
          value: seat.continuousMaximumC,
          unit: "°C",
          origin: "reference",
        },
        { what: "margin required", value: house.seatHeadroomC, unit: "K", origin: "house rule" },
      ],
    });
  },
});
