import type { SettledCase } from "../../../duty/settling/settled-case.ts";
import { kelvinTo } from "../compare.ts";
import { temperatureOf } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";
import { withAmbient } from "./ambient.ts";

export const sealTemperature = rule({
  id: "envelope/seal-temperature",
  asks: "Seal temperature range",
  source: "Seal, packing and gasket ranges (indicative)",
  inputs: ["temperature", "lowest ambient", "seal set", "house rule: temperature margin"],
  dependsOn: ["seals"],
  examine: ({ valve, duty, house }) => {
    const parts = valve.seals.parts;
    // The weakest part of the set decides at each end of the range.
    const coldest = parts.reduce((a, b) => (b.material.minimumC > a.material.minimumC ? b : a));
    const hottest = parts.reduce((a, b) => (b.material.maximumC < a.material.maximumC ? b : a));
    const measure = (c: SettledCase) => {
      if (c.temperatureC === null) return { missing: "temperature" };
      const low = kelvinTo(c.temperatureC, coldest.material.minimumC, "≥", house.temperatureMarginC);
      const high = kelvinTo(c.temperatureC, hottest.material.maximumC, "≤", house.temperatureMarginC);
      return "margin" in low && "margin" in high && low.margin! < high.margin! ? low : high;
    };
    return overCases(withAmbient(duty), {
      unit: "°C",
      marginUnit: "K",
      sense: "≤",
      measure,
      says: (verdict) =>
        verdict === "fails"
          ? "The temperature is outside the range of a seal."
          : verdict === "tight"
            ? "The temperature is close to the limit of a seal."
            : "The temperature is within the range of every seal.",
      remedy: (verdict) => (verdict === "fails" ? "Use another seal set." : null),
      uses: (c) => [
        ...temperatureOf(c),
        {
          what: `lowest: ${coldest.part}, ${coldest.material.name}`,
          value: coldest.material.minimumC,
          unit: "°C",
          origin: "reference",
        },
        {
          what: `highest: ${hottest.part}, ${hottest.material.name}`,
          value: hottest.material.maximumC,
          unit: "°C",
          origin: "reference",
        },
      ],
    });
  },
});
