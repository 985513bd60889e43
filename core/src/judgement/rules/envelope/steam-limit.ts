import { kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { steamEndsOf } from "../limits/seat.ts";
import { notAsked } from "../outcome.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

export const steamLimit = rule({
  id: "envelope/steam-limit",
  asks: "Seat in steam",
  source: "Seat's standing in steam and the house's limit, lower than the dry one",
  inputs: ["temperature", "phase", "seat", "house rule: soft seats in steam"],
  hangsOn: ["seat.material"],
  unraised: ({ cases }) =>
    cases.length === 0 || cases.some((c) => c.kind !== "fire" && c.steamy)
      ? null
      : "No case is steam, or water above its boiling point.",
  examine: ({ valve, duty, house }) => {
    const seat = valve.seat.material;
    const ends = steamEndsOf(seat, house);
    if (ends === null) return notAsked("A metal seat.");
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
          ? "Steam, or water this hot, swells the seat and flows it out."
          : verdict === "tight"
            ? "The seat stands this steam for a while only."
            : "The seat stands the steam.",
      remedy: (verdict) => (verdict === "fails" ? "A carbon- or steel-filled, PEEK or metal seat." : null),
      uses: (c) => [
        ...temperatureOf(c),
        used(`${seat.name} in steam`, seat.steam, "reference"),
        used("limit in steam", washedAtC, "house rule", "°C"),
      ],
    });
  },
});
