import { against, inMargin } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { cavityOf } from "./cavity-of.ts";

export const trappedCavity = rule({
  id: "envelope/trapped-cavity",
  asks: "Cavity pressure",
  source: "cavity-rise and seat-relief; limit ASME B16.34 2.3.3 or API 6D by house rule",
  inputs: [
    "temperature",
    "pressure",
    "substance",
    "thermal expansion and compressibility of the liquid",
    "highest ambient",
    "seat geometry",
    "rating",
    "house rule: limit for a trapped cavity",
  ],
  dependsOn: ["size", "grade", "cavity", "seat"],
  notApplicableBecause: (duty) => (duty.shutIn === null ? "No liquid is trapped." : null),
  examine: ({ valve, duty, house }) => {
    if (!valve.construction.holdsCavity) return notAsked("The body has no cavity.");
    const trapped = cavityOf(valve, duty, house);
    if (trapped === null) return notAsked("No liquid is trapped.");
    if ("missing" in trapped) return cannotTell(trapped.missing);
    const measured = against(trapped.peakBarG, trapped.limitBarG, house.pressureMargin / 100);
    if (trapped.unknown !== null && measured.verdict !== "fails") return cannotTell(trapped.unknown);
    const filled = !valve.cavity.deadSpace && !duty.stated.cavityRelief;
    const verdict = filled && measured.verdict === "holds" ? "tight" : measured.verdict;
    return plain(
      verdict,
      verdict === "fails"
        ? trapped.reliefBarAboveLine === null
          ? "The trapped liquid has no relief. When it warms up it can burst the body or its gasket."
          : "The seat relieves only above the permitted cavity pressure."
        : filled
          ? "Liquid is trapped behind the filler. Order a filler vented to one side."
          : trapped.relieves
            ? "The seat relieves the cavity below the permitted pressure."
            : "The cavity pressure stays below the permitted pressure.",
      {
        value: trapped.peakBarG,
        limit: trapped.limitBarG,
        unit: "bar g",
        sense: "≤",
        caseId: trapped.from.id,
        caseName: trapped.from.name,
        decides: filled && measured.verdict === "holds" ? "filled, not vented" : null,
        remedy: "Use self-relieving seats, a hole in the ball, or a relief piped to the upstream side.",
        uses: () => [
          used(
            trapped.condensed
              ? `condenses when idle, ${trapped.from.name}`
              : `trapped at, ${trapped.from.name}`,
            trapped.startC,
            trapped.startC === trapped.from.temperatureC ? "entered" : "assumed",
            "°C",
          ),
          used(`warms to, ${trapped.endName}`, trapped.endTemperatureC, "computed", "°C"),
          ...(trapped.expansionKnown
            ? [
                used(
                  `expansion of ${trapped.liquid.name}, per K`,
                  trapped.liquid.expansionPerK!,
                  duty.stated.fluid.expansionPerK === null ? "estimate" : "entered",
                ),
                used("unrelieved", trapped.unrelievedBarG, "computed", "bar g"),
              ]
            : [used(`expansion of ${trapped.liquid.name}`, "not needed: the cavity relieves", "computed")]),
          ...(trapped.reliefBarAboveLine === null
            ? [used("relief", "none", "catalogue")]
            : [
                used("seat relief above line pressure", trapped.reliefBarAboveLine, "computed", "bar"),
                used(
                  "pressure of the line it relieves to",
                  trapped.linePressureBarG,
                  trapped.from.downstreamOrigin,
                  "bar g",
                ),
              ]),
          used("limit", house.cavityLimit, "house rule"),
        ],
      },
      inMargin(measured, "%", !filled || measured.verdict !== "holds"),
    );
  },
});
