import { kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";
import { withAmbient } from "./ambient.ts";

export const boltingTemperature = rule({
  id: "envelope/bolting-temperature",
  asks: "Bolting temperature range",
  source: "Range of the body bolting (indicative)",
  inputs: ["temperature", "lowest ambient", "bolting"],
  dependsOn: ["line"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { bolting } = valve;
    return overCases(withAmbient(duty), {
      unit: "°C",
      marginUnit: "K",
      sense: "≤",
      measure: (c) => {
        if (c.temperatureC === null) return { missing: "temperature" };
        const low = kelvinTo(c.temperatureC, bolting.minimumC, "≥", Math.min(house.temperatureMarginC, 5));
        const high = kelvinTo(c.temperatureC, bolting.maximumC, "≤", house.temperatureMarginC);
        return "margin" in low && "margin" in high && low.margin! < high.margin! ? low : high;
      },
      says: (verdict) =>
        verdict === "fails"
          ? "The temperature is outside the range of the bolting."
          : verdict === "tight"
            ? "The temperature is close to the limit of the bolting."
            : "The temperature is within the range of the bolting.",
      remedy: (verdict) =>
        verdict === "fails"
          ? "Use impact-tested bolting for cold, chromium–molybdenum bolting for heat."
          : null,
      uses: (c) => [
        ...temperatureOf(c),
        used(`lowest: ${bolting.name}`, bolting.minimumC, "reference", "°C"),
        used(`highest: ${bolting.name}`, bolting.maximumC, "reference", "°C"),
      ],
    });
  },
});
