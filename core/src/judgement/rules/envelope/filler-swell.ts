import { inHand, kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";

export const fillerSwell = rule({
  id: "envelope/filler-swell",
  asks: "Cavity filler in heat",
  source:
    "A filler of polymer swells some ten times as much as the ball it wraps, and binds (practice, house rule)",
  inputs: ["temperature", "cavity arrangement", "seat", "house rule: cavity fillers"],
  hangsOn: ["cavity", "seat.material"],
  examine: ({ valve, duty, house }) => {
    const { cavity, seat } = valve;
    if (cavity.id !== "cavity filler" || seat.material.kind === "metal")
      return notAsked("No filler of polymer.");
    const hot = hottest(duty);
    if (hot === null) return cannotTell("a temperature");
    const t = hot.temperatureC!;
    const verdict = t > house.fillerBindsC ? "fails" : t > house.fillerTightC ? "tight" : "holds";
    const limit = t > house.fillerTightC ? house.fillerBindsC : house.fillerTightC;
    return plain(
      verdict,
      verdict === "fails"
        ? "The filler swells and binds the ball."
        : verdict === "tight"
          ? "The filler swells: torque rises with heat, ask the maker by how much."
          : "Too cool for the filler to bind.",
      {
        value: t,
        limit,
        unit: "°C",
        sense: "≤",
        caseId: hot.id,
        caseName: hot.name,
        remedy: "Seats without filler, or a body without cavity.",
        uses: [
          ...temperatureOf(hot),
          used("filler and seat", seat.material.name, "catalogue"),
          used("swells from", house.fillerTightC, "house rule", "°C"),
          used("binds from", house.fillerBindsC, "house rule", "°C"),
        ],
      },
      inHand(kelvinTo(t, limit, "≤", 0), "K", false),
    );
  },
});
