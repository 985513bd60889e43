import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Share of the breakaway torque below which torque added by flow is not worth asking about. */
const worthAsking = 0.2;

/** Torque added by flow, for either stroke. */
export const flowTorque = rule({
  id: "torque/flow-torque",
  asks: "Dynamic torque",
  source:
    "T = C_t·Δp·D³ over the opening, with the valve in series with its line. If no flow is stated, the usual design velocity of lines counts",
  inputs: ["flow and differential", "dynamic torque coefficient of the trim", "house rules: velocities"],
  dependsOn: ["size", "cavity", "seat"],
  tight: "mild",
  notApplicableBecause: ({ stated }) =>
    stated.onSite === true
      ? "Torques entered for an installed valve already include the dynamic torque."
      : null,
  examine: ({ demand }) => {
    const flowing = demand.byCase.flatMap((c) => (c.flow && c.profile ? [{ ...c, flow: c.flow }] : []));
    if (flowing.length === 0 || demand.covering === null)
      return notAsked("Nothing flows while the valve turns.");
    const worst = flowing.reduce((a, b) => (b.flow.mostNm > a.flow.mostNm ? b : a));
    const { mostNm, at, assumed } = worst.flow;
    const breakNm = demand.covering.opening[0]!;
    const ask = assumed && mostNm > worthAsking * breakNm;
    return plain(
      ask ? "tight" : "holds",
      ask
        ? "The dynamic torque is large and the flow is not stated. The usual design velocity of lines counts."
        : "The torque demand includes the dynamic torque.",
      {
        value: mostNm,
        unit: "N·m",
        caseId: worst.caseId,
        caseName: worst.caseName,
        remedy: ask ? "State the flow of the case." : null,
        uses: () => [
          used(`${at.stroke}, at`, at.degrees, "computed", "°"),
          used("breakaway torque", breakNm, "computed", "N·m"),
          used("flow", assumed ? "usual design velocity" : "as stated", assumed ? "assumed" : "entered"),
        ],
      },
    );
  },
});
