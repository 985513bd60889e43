import { inMargin, kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";

export const fillerSwell = rule({
  id: "envelope/filler-swell",
  asks: "Cavity filler in heat",
  source:
    "A polymer filler expands about ten times as much as the ball and can lock it (practice, house rule)",
  inputs: ["temperature", "cavity arrangement", "seat", "house rule: cavity fillers"],
  dependsOn: ["cavity", "seat.material"],
  examine: ({ valve, duty, house }) => {
    const { cavity, seat } = valve;
    if (cavity.id !== "cavity filler" || seat.material.kind === "metal")
      return notAsked("The body has no polymer filler.");
    const hot = hottest(duty);
    if (hot === null) return cannotTell("temperature");
    const t = hot.temperatureC!;
    const verdict = t > house.fillerBindsC ? "fails" : t > house.fillerTightC ? "tight" : "holds";
    const limit = t > house.fillerTightC ? house.fillerBindsC : house.fillerTightC;
    return plain(
      verdict,
      verdict === "fails"
        ? "The filler expands and locks the ball."
        : verdict === "tight"
          ? "The filler expands and the torque rises with temperature. Ask the maker for the torque at this temperature."
          : "The temperature is too low for the filler to lock the ball.",
      {
        value: t,
        limit,
        unit: "°C",
        sense: "≤",
        caseId: hot.id,
        caseName: hot.name,
        remedy: "Use seats without filler, or a body without cavity.",
        uses: [
          ...temperatureOf(hot),
          used("filler and seat", seat.material.name, "catalogue"),
          used("expands from", house.fillerTightC, "house rule", "°C"),
          used("locks from", house.fillerBindsC, "house rule", "°C"),
        ],
      },
      inMargin(kelvinTo(t, limit, "≤", 0), "K", false),
    );
  },
});
