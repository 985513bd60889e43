import { kelvinTo } from "../compare.ts";
import { temperatureOf } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const seatTemperature = rule({
  id: "envelope/seat-temperature",
  asks: "Seat temperature range",
  source: "Temperature range of the seat material, excursions included (indicative)",
  inputs: ["temperature", "seat minimum and excursion maximum", "house rule: temperature margin"],
  dependsOn: ["seat.material"],
  examine: ({ valve, duty, house }) => {
    const seat = valve.seat.material;
    return overCases(duty.cases, {
      unit: "°C",
      marginUnit: "K",
      sense: "≤",
      measure: (c) => {
        if (c.temperatureC === null) return { missing: "temperature" };
        const low = kelvinTo(c.temperatureC, seat.minimumC, "≥", house.temperatureMarginC);
        const high = kelvinTo(c.temperatureC, seat.excursionMaximumC, "≤", 0);
        return "margin" in low && "margin" in high && low.margin! < high.margin! ? low : high;
      },
      says: (verdict) =>
        verdict === "fails"
          ? "The temperature is outside the range of the seat."
          : verdict === "tight"
            ? "The temperature is close to the minimum of the seat."
            : "The temperature is within the range of the seat.",
      remedy: (verdict) => (verdict === "fails" ? "Use another seat material." : null),
      uses: (c) => [
        ...temperatureOf(c),
        { what: `lowest for ${seat.name}`, value: seat.minimumC, unit: "°C", origin: "reference" },
        { what: "highest, excursions", value: seat.excursionMaximumC, unit: "°C", origin: "reference" },
      ],
    });
  },
});
