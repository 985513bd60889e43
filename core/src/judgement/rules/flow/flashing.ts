import { atmosphereBar } from "../../../basis/units/definitions.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether a liquid leaves the valve as a liquid. */
export const flashing = flowRule({
  id: "flow/flashing",
  asks: "Stays liquid behind the valve",
  source: "Pressure behind the valve against the vapour pressure",
  inputs: ["pressures of the cases", "vapour pressure", "hard facing of the trim"],
  unit: "bar g",
  sense: "≥",
  of: "both",
  fluid: "liquid",
  ofBoiling: true,
  measure: (c, { trim }) => {
    if (c.stream.kind !== "liquid") return null;
    const [behind, boils] = [c.stream.upstreamBarA - c.dropBar, c.stream.vapourBarA];
    const hard = trim.trim.hardFaced;
    return {
      value: behind - atmosphereBar,
      limit: boils - atmosphereBar,
      margin: behind / Math.max(boils, 1e-9) - 1,
      verdict: behind > boils ? "holds" : hard ? "tight" : "fails",
      uses: [used("hard-faced", hard ? "yes" : "no", trim.typical ? "assumed" : "catalogue")],
    };
  },
  otherwise: "No liquid flows.",
  says: {
    holds: "Every case leaves the valve as a liquid.",
    tight:
      "It leaves the valve boiling: drops in a fast vapour. The trim is hard-faced; the pipe behind is not.",
    fails: "It leaves the valve boiling: drops in a fast vapour cut trim, body and pipe.",
  },
  remedy:
    "A hard-faced trim with a wide, hard outlet straight into a vessel; more pressure behind the valve.",
});
