import type { SettledCase } from "../../duty/settle.ts";
import { kelvinTo, overCases } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Cases that pass: a seat may go to its excursion maximum in them. */
const passing = new Set<SettledCase["kind"]>(["steam-out", "start-up", "blow-down", "upset"]);

export const seatHeadroom = rule({
  id: "envelope/seat-headroom",
  asks: "Seat headroom",
  source: "House rule: kelvin below the seat's continuous maximum",
  inputs: ["temperature", "case kind", "seat continuous maximum", "house rule: seat headroom"],
  hangsOn: "size, seat and drive",
  sharedBy: ({ valve }) => valve.seat.material.id,
  examine: ({ valve, duty, house }) => {
    const seat = valve.seat.material;
    return overCases(duty.cases, {
      unit: "°C",
      marginUnit: "K",
      sense: "≤",
      measure: (c) => {
        if (c.temperatureC === null) return { missing: "temperature" };
        const measured = kelvinTo(c.temperatureC, seat.continuousMaximumC, "≤", house.seatHeadroomC);
        const excursion = passing.has(c.kind) && c.temperatureC <= seat.excursionMaximumC;
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
        ...(c.temperatureC === null
          ? []
          : [
              {
                what: `temperature, ${c.name}`,
                value: c.temperatureC,
                unit: "°C" as const,
                origin: "entered" as const,
              },
            ]),
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
