import { kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { notAsked } from "../outcome.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const sealantHeat = rule({
  id: "envelope/sealant-heat",
  asks: "Sealant in heat and steam",
  source: "Where sealant is the seal, it runs out of hot grooves and steam washes it away (indicative)",
  inputs: ["temperature", "phase", "construction"],
  hangsOn: ["line"],
  examine: ({ valve, duty, house }) => {
    const limit = valve.construction.sealantMaximumC;
    if (limit === null) return notAsked("No sealant seals it.");
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
            ? "The sealant runs out of its grooves."
            : verdict === "tight"
              ? "The sealant is close to running: renew it often."
              : "The sealant stays in its grooves.",
      remedy: (verdict) => (verdict === "fails" ? "A construction that seals without sealant." : null),
      uses: (c) => [...temperatureOf(c), used("sealant stays to", limit, "reference", "°C")],
    });
  },
});
