import { kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { notAsked } from "../outcome.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const sealantHeat = rule({
  id: "envelope/sealant-heat",
  asks: "Sealant in heat and steam",
  source: "Sealant melts out of hot grooves and steam washes it out (indicative)",
  inputs: ["temperature", "phase", "construction"],
  dependsOn: ["line"],
  examine: ({ valve, duty, house }) => {
    const limit = valve.construction.sealantMaximumC;
    if (limit === null) return notAsked("The valve does not seal by sealant.");
    return overCases(duty.cases, {
      unit: "°C",
      marginUnit: "K",
      sense: "≤",
      measure: (c) => {
        if (c.temperatureC === null) return { missing: "temperature" };
        if (c.steamy) return { value: c.temperatureC, limit: null, margin: null, verdict: "fails" };
        return kelvinTo(c.temperatureC, limit, "≤", house.temperatureMarginC);
      },
      says: (verdict, c) =>
        c.steamy
          ? "Steam washes the sealant out of its grooves."
          : verdict === "fails"
            ? "The temperature exceeds the limit of the sealant: it melts out of its grooves."
            : verdict === "tight"
              ? "The temperature is close to the limit of the sealant. Renew the sealant often."
              : "The temperature is within the range of the sealant.",
      remedy: (verdict) => (verdict === "fails" ? "Use a construction that seals without sealant." : null),
      uses: (c) => [...temperatureOf(c), used("sealant temperature limit", limit, "reference", "°C")],
    });
  },
});
