import { atmosphereBar } from "../../../basis/units/definitions.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether a liquid leaves the valve as a liquid. */
export const flashing = flowRule({
  id: "flow/flashing",
  asks: "No flashing downstream",
  source: "Downstream pressure against the vapour pressure",
  inputs: ["pressures of the cases", "vapour pressure", "hard facing of the trim"],
  unit: "bar g",
  sense: "≥",
  appliesTo: "both",
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
  otherwise: "No case has a liquid flow.",
  says: {
    holds: "The fluid stays liquid downstream in every case.",
    tight:
      "The liquid flashes in the valve. Droplets in fast vapour erode the pipe downstream; the trim is hard-faced.",
    fails: "The liquid flashes in the valve. Droplets in fast vapour erode trim, body and pipe.",
  },
  remedy:
    "Use a hard-faced trim with a wide, hardened outlet directly into a vessel, or a higher downstream pressure.",
});
