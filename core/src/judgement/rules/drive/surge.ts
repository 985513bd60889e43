import { against, inMargin } from "../compare.ts";
import { used } from "../inputs.ts";
import { bodyRatingBarG } from "../limits/body.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { timing } from "./timing.ts";

/** Share of the stroke in which a ball stops most of the flow. */
const takesFlowAway = 0.3;

/** Pressure a closing valve adds to liquid in a long line. */
export const surge = rule({
  id: "drive/surge",
  asks: "Pressure surge on closing",
  source:
    "Joukowsky Δp = ρ·c·v for closing within 2L/c, else ρ·v·2L/t (slow closing); the flow stops in the last 0.3 of the stroke",
  inputs: [
    "length of line upstream",
    "flow of a case",
    "density",
    "pipe bore",
    "closing time of the actuator",
  ],
  dependsOn: ["size", "grade", "cavity", "seat", "drive"],
  notApplicableBecause: ({ stated, cases }) =>
    stated.upstreamLengthM === null
      ? "The length of line upstream is not stated."
      : cases.every((c) => c.phase === "gas")
        ? "The line carries no liquid."
        : null,
  examine: (judged) => {
    const { duty, house, valve, drive } = judged;
    const { stated } = duty;
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const bore = stated.pipeBoreMm ?? valve.size.boreMm;
    const density = stated.fluid.densityKgM3;
    if (density === null || density === 0) return cannotTell("density of the liquid");
    const flowing = stated.cases.flatMap((c, index) => {
      const settled = duty.cases[index]!;
      if (settled.phase === "gas" || c.rate === null || c.rate === 0 || c.rateBasis === "Nm³/h") return [];
      const m3h = c.rateBasis === "kg/h" ? c.rate / density : c.rate;
      return [{ settled, velocity: m3h / 3600 / ((Math.PI / 4) * (bore / 1000) ** 2) }];
    });
    if (flowing.length === 0) return cannotTell("flow of the liquid");
    const unknown = flowing.find(({ settled: c }) => c.pressureBarG === null || c.temperatureC === null);
    if (unknown) return cannotTell(`pressure and temperature of ${unknown.settled.name}`);
    // The air arrangement is fast enough at its slowest; the surge comes at its fastest.
    const closing = timing(judged, "closing");
    const seconds = closing?.shortestS ?? null;
    if (closing === null || seconds === null) return cannotTell("closing time of the actuator");
    const effectiveS = takesFlowAway * seconds;
    const echoS = (2 * stated.upstreamLengthM!) / house.soundSpeedMS;
    const tried = flowing.map(({ settled, velocity }) => {
      const whole = (density * house.soundSpeedMS * velocity) / 1e5;
      const added = effectiveS <= echoS ? whole : whole * (echoS / effectiveS);
      const limit = bodyRatingBarG(valve, settled.temperatureC!);
      return { settled, velocity, added, ...against(settled.pressureBarG! + added, limit, 0) };
    });
    const worst = tried.reduce((a, b) => ((b.margin ?? -1) < (a.margin ?? -1) ? b : a));
    const fails = worst.verdict === "fails";
    return plain(
      worst.verdict,
      fails
        ? "At the fastest closing the surge exceeds the body rating."
        : "At the fastest closing the surge is within the body rating.",
      {
        value: worst.value,
        limit: worst.limit,
        sense: "≤",
        unit: "bar g",
        caseId: worst.settled.id,
        caseName: worst.settled.name,
        remedy: fails
          ? "Fit a flow restrictor in the exhaust for slower closing, or add a surge vessel."
          : null,
        uses: () => [
          used("surge pressure", worst.added, "computed", "bar"),
          used("velocity in the pipe, m/s", worst.velocity, "computed"),
          used("fastest closing time", seconds, "computed", "s"),
          ...closing.uses,
          used("wave travel time 2L/c", echoS, "computed", "s"),
          used("density of the liquid, kg/m³", density, "entered"),
          used(
            stated.pipeBoreMm === null ? "bore (of the valve)" : "bore of the pipe",
            bore,
            stated.pipeBoreMm === null ? "catalogue" : "entered",
            "mm",
          ),
        ],
      },
      inMargin(worst, "%", false),
    );
  },
});
