import { atmosphereBar } from "../../../basis/units/definitions.ts";
import { closingFace } from "../../../equipment/trims/closing-face.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether a liquid leaves the valve as a liquid. */
export const flashing = flowRule({
  id: "flow/flashing",
  asks: "No flashing downstream",
  source: "Downstream pressure against the vapour pressure",
  inputs: ["pressures of the cases", "vapour pressure", "face of the closing member"],
  dependsOn: ["trim"],
  unit: "bar g",
  sense: "≥",
  appliesTo: "both",
  fluid: "liquid",
  ofBoiling: true,
  measure: (c, _flow, { valve }) => {
    if (c.stream.kind !== "liquid") return null;
    const [behind, boils] = [c.stream.upstreamBarA - c.dropBar, c.stream.vapourBarA];
    const face = closingFace(valve.trim);
    return {
      value: behind - atmosphereBar,
      limit: boils - atmosphereBar,
      margin: behind / Math.max(boils, 1e-9) - 1,
      verdict: behind > boils ? "holds" : face.boilingFlow === "good" ? "tight" : "fails",
      uses: [used("closing member", face.metal, "catalogue")],
    };
  },
  otherwise: "No case has a liquid flow.",
  says: {
    holds: "The fluid stays liquid downstream in every case.",
    tight: "The liquid flashes in the valve. The closing member is hard-faced and resists the droplets.",
    fails: "The liquid flashes in the valve. Droplets in fast vapour erode the closing member.",
  },
  remedy:
    "Use a hard-faced closing member with a wide outlet directly into a vessel, or a higher downstream pressure.",
});
