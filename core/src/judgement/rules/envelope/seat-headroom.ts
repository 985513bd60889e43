import { isPassing } from "../../../duty/statement/case-kinds.ts";
import { kelvinTo } from "../compare.ts";
import { temperatureOf } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const seatHeadroom = rule({
  id: "envelope/seat-headroom",
  asks: "Seat headroom",
  source: "House rule: kelvin below the seat's continuous maximum",
  inputs: ["temperature", "case kind", "seat continuous maximum", "house rule: seat headroom"],
  hangsOn: ["seat.material"],
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
          ? "Above the seat's continuous maximum."
          : verdict === "tight"
            ? "Less headroom than the house rule asks."
            : "Enough headroom below the continuous maximum.",
      remedy: (verdict) => (verdict === "holds" ? null : "A seat with a higher continuous maximum."),
      uses: (c) => [
        ...temperatureOf(c),
        {
          what: `continuous maximum of ${seat.name}`,
          value: seat.continuousMaximumC,
          unit: "°C",
          origin: "reference",
        },
        { what: "headroom wanted", value: house.seatHeadroomC, unit: "K", origin: "house rule" },
      ],
    });
  },
});
