import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Of the torque to break it open: below it, what flow adds is not worth asking about. */
const worthAsking = 0.2;

/** What flow adds to the torque of either stroke. */
export const flowTorque = rule({
  id: "torque/flow-torque",
  asks: "Torque of the flow",
  source:
    "T = C_t·Δp·D³ over the opening, the valve in series with a line that takes the rest of the pressure; where no flow is stated, the velocity lines are laid out for",
  inputs: ["flow and differential", "dynamic torque coefficient of the trim", "house rules: velocities"],
  hangsOn: ["size", "cavity", "seat"],
  tight: "mild",
  unraised: ({ stated }) =>
    stated.onSite === true ? "Torques typed from a valve that stands are whole." : null,
  examine: ({ demand }) => {
    const flowing = demand.byCase.flatMap((c) => (c.flow && c.profile ? [{ ...c, flow: c.flow }] : []));
    if (flowing.length === 0 || demand.covering === null) return notAsked("Nothing flows while it turns.");
    const worst = flowing.reduce((a, b) => (b.flow.mostNm > a.flow.mostNm ? b : a));
    const { mostNm, at, assumed } = worst.flow;
    const breakNm = demand.covering.opening[0]!;
    const ask = assumed && mostNm > worthAsking * breakNm;
    return plain(
      ask ? "tight" : "holds",
      ask
        ? "Flow adds much to the torque, and nobody states how much flows: what lines are laid out for is taken."
        : "What flow adds is in the torque asked of the drive.",
      {
        value: mostNm,
        unit: "N·m",
        caseId: worst.caseId,
        caseName: worst.caseName,
        remedy: ask ? "State the flow of the case." : null,
        uses: () => [
          used(`${at.stroke}, at`, at.degrees, "computed", "°"),
          used("to break it open", breakNm, "computed", "N·m"),
          used("flow", assumed ? "as lines are laid out for" : "as stated", assumed ? "assumed" : "entered"),
        ],
      },
    );
  },
});
