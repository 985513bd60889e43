import { kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { steamEndsOf } from "../limits/seat.ts";
import { notAsked } from "../outcome.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const steamLimit = rule({
  id: "envelope/steam-limit",
  asks: "Seat in steam",
  source:
    "Steam suitability of the seat and the steam limit of the house rules, which is below the dry limit",
  inputs: ["temperature", "phase", "seat", "house rule: soft seats in steam"],
  dependsOn: ["seat.material"],
  notApplicableBecause: ({ cases }) =>
    cases.length === 0 || cases.some((c) => c.kind !== "fire" && c.steamy)
      ? null
      : "No case has steam, or water above its boiling point.",
  examine: ({ valve, duty, house }) => {
    const seat = valve.seat.material;
    const ends = steamEndsOf(seat, house);
    if (ends === null) return notAsked("The seat is metal.");
    const { staysToC: limit, washedAtC } = ends;
    return overCases(duty.cases, {
      unit: "°C",
      marginUnit: "K",
      sense: "≤",
      measure: (c) => {
        if (!c.steamy) return null;
        if (c.temperatureC === null) return { missing: "temperature" };
        if (limit === null) {
          // Low-pressure steam-out through an open valve is a wash, not a service.
          const wash = c.kind === "steam-out" && !c.shut && c.temperatureC <= washedAtC;
          return {
            value: c.temperatureC,
            limit: washedAtC,
            margin: null,
            verdict: wash ? "tight" : "fails",
          };
        }
        return kelvinTo(c.temperatureC, limit, "≤", 5);
      },
      says: (verdict) =>
        verdict === "fails"
          ? "Steam or hot water at this temperature swells the seat and extrudes it."
          : verdict === "tight"
            ? "The seat withstands steam at this temperature for a short time only."
            : "The seat is suitable for steam at this temperature.",
      remedy: (verdict) =>
        verdict === "fails" ? "Use a carbon- or steel-filled seat, PEEK or metal." : null,
      uses: (c) => [
        ...temperatureOf(c),
        used(`${seat.name} in steam`, seat.steam, "reference"),
        used("limit in steam", washedAtC, "house rule", "°C"),
      ],
    });
  },
});
