import { against, inHand } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { cavityOf } from "./cavity-of.ts";

export const trappedCavity = rule({
  id: "envelope/trapped-cavity",
  asks: "Trapped cavity",
  source: "cavity-rise and seat-relief; limit ASME B16.34 2.3.3 or API 6D by house rule",
  inputs: [
    "temperature",
    "pressure",
    "substance",
    "highest ambient",
    "seat geometry",
    "rating",
    "house rule: limit for a trapped cavity",
  ],
  hangsOn: ["size", "grade", "cavity", "seat"],
  unraised: (duty) => (duty.shutIn === null ? "No liquid is shut in." : null),
  examine: ({ valve, duty, house }) => {
    if (!valve.construction.holdsCavity) return notAsked("No cavity.");
    const trapped = cavityOf(valve, duty, house);
    if (trapped === null) return notAsked("No liquid is shut in.");
    if ("missing" in trapped) return cannotTell(trapped.missing);
    const measured = against(trapped.peakBarG, trapped.limitBarG, house.pressureMargin / 100);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? trapped.reliefBarAboveLine === null
          ? "Warmed while shut, the trapped liquid bursts the body or its gasket: nothing lets it out."
          : "The seat relieves, but above what the body may hold."
        : trapped.relieves
          ? "The seat lets the cavity out in time."
          : "The cavity stays below what the body may hold.",
      {
        value: trapped.peakBarG,
        limit: trapped.limitBarG,
        unit: "bar g",
        sense: "≤",
        caseId: trapped.from.id,
        caseName: trapped.from.name,
        remedy:
          measured.verdict === "fails"
            ? "Self-relieving seats, a hole in the ball, or a relief piped upstream."
            : null,
        uses: () => [
          used(`shut in at, ${trapped.from.name}`, trapped.from.temperatureC!, "entered", "°C"),
          used(`warms to, ${trapped.endName}`, trapped.endTemperatureC, "computed", "°C"),
          used(`expansion of ${trapped.fluid.name}, per K`, trapped.fluid.expansionPerK!, "estimate"),
          used("unrelieved", trapped.unrelievedBarG, "computed", "bar g"),
          trapped.reliefBarAboveLine === null
            ? used("relief", "none", "catalogue")
            : used("relieves above the line at", trapped.reliefBarAboveLine, "computed", "bar"),
          used("limit", house.cavityLimit, "house rule"),
        ],
      },
      inHand(measured, "%"),
    );
  },
});
