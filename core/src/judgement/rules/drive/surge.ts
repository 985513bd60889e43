import { against, inHand } from "../compare.ts";
import { used } from "../inputs.ts";
import { bodyRatingBarG } from "../limits/body.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { timing } from "./timing.ts";

/** Share of the stroke in which a ball takes most of the flow away. */
const takesFlowAway = 0.3;

/** Pressure a closing valve adds to liquid in a long line. */
export const surge = rule({
  id: "drive/surge",
  asks: "Surge on closing",
  source:
    "Joukowsky Δp = ρ·c·v where it closes within 2L/c, else ρ·v·2L/t (slow closing); the last 0.3 of the stroke takes the flow away",
  inputs: ["length of line upstream", "flow of a case", "density", "pipe bore", "drive's closing time"],
  hangsOn: ["size", "grade", "cavity", "seat", "drive"],
  unraised: ({ stated, cases }) =>
    stated.upstreamLengthM === null
      ? "The length of line upstream is not stated."
      : cases.every((c) => c.phase === "gas")
        ? "No liquid is in the line."
        : null,
  examine: (judged) => {
    const { duty, house, valve, drive } = judged;
    const { stated } = duty;
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const bore = stated.pipeBoreMm ?? valve.size.boreMm;
    const density = stated.fluid.densityKgM3;
    if (density === null || density === 0) return cannotTell("the density of the liquid");
    const flowing = stated.cases.flatMap((c, at) => {
      const settled = duty.cases[at]!;
      if (settled.phase === "gas" || c.rate === null || c.rate === 0 || c.rateBasis === "Nm³/h") return [];
      const m3h = c.rateBasis === "kg/h" ? c.rate / density : c.rate;
      return [{ settled, velocity: m3h / 3600 / ((Math.PI / 4) * (bore / 1000) ** 2) }];
    });
    if (flowing.length === 0) return cannotTell("a flow of liquid");
    const unknown = flowing.find(({ settled: c }) => c.pressureBarG === null || c.temperatureC === null);
    if (unknown) return cannotTell(`pressure and temperature of ${unknown.settled.name}`);
    // Its air is led so that it is fast enough at its slowest; the surge comes at its fastest.
    const closing = timing(judged, "closing");
    const seconds = closing?.shortestS ?? null;
    if (closing === null || seconds === null) return cannotTell("how long the drive takes to close");
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
        ? "Closed as fast as it does, the surge goes beyond the body's rating."
        : "The surge on closing stays within the body's rating.",
      {
        value: worst.value,
        limit: worst.limit,
        sense: "≤",
        unit: "bar g",
        caseId: worst.settled.id,
        caseName: worst.settled.name,
        remedy: fails ? "A throttle in its exhaust so that it closes slowly, or a surge vessel." : null,
        uses: () => [
          used("pressure the surge adds", worst.added, "computed", "bar"),
          used("velocity in the pipe, m/s", worst.velocity, "computed"),
          used("it closes in, at its fastest", seconds, "computed", "s"),
          ...closing.uses,
          used("there and back of the wave", echoS, "computed", "s"),
          used("density of the liquid, kg/m³", density, "entered"),
          used(
            stated.pipeBoreMm === null ? "bore, that of the valve" : "bore of the pipe",
            bore,
            stated.pipeBoreMm === null ? "catalogue" : "entered",
            "mm",
          ),
        ],
      },
      inHand(worst, "%", false),
    );
  },
});
