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
    if (trapped.unknown !== null && measured.verdict !== "fails") return cannotTell(trapped.unknown);
    const filled = !valve.cavity.deadSpace && !duty.stated.cavityRelief;
    const verdict = filled && measured.verdict === "holds" ? "tight" : measured.verdict;
    return plain(
      verdict,
      verdict === "fails"
        ? trapped.reliefBarAboveLine === null
          ? "Warmed while shut, the trapped liquid bursts the body or its gasket: nothing lets it out."
          : "The seat relieves, but above what the body may hold."
        : filled
          ? "Behind the filler liquid is trapped all the same: vent the filler to one side and say so on the order."
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
        decides: filled && measured.verdict === "holds" ? "filled, not vented" : null,
        remedy: "Self-relieving seats, a hole in the ball, or a relief piped upstream.",
        uses: () => [
          used(
            trapped.condensed ? `condenses idle, ${trapped.from.name}` : `shut in at, ${trapped.from.name}`,
            trapped.startC,
            trapped.startC === trapped.from.temperatureC ? "entered" : "assumed",
            "°C",
          ),
          used(`warms to, ${trapped.endName}`, trapped.endTemperatureC, "computed", "°C"),
          used(`expansion of ${trapped.fluid.name}, per K`, trapped.fluid.expansionPerK!, "estimate"),
          used("unrelieved", trapped.unrelievedBarG, "computed", "bar g"),
          ...(trapped.reliefBarAboveLine === null
            ? [used("relief", "none", "catalogue")]
            : [
                used("relieves above the line at", trapped.reliefBarAboveLine, "computed", "bar"),
                used("line it relieves to", trapped.linePressureBarG, trapped.from.downstreamOrigin, "bar g"),
              ]),
          used("limit", house.cavityLimit, "house rule"),
        ],
      },
      inHand(measured, "%", !filled || measured.verdict !== "holds"),
    );
  },
});
