import { closingFace } from "../../../equipment/trims/closing-face.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Cavitation of a liquid, and whether the closing member withstands it. */
export const cavitation = flowRule({
  id: "flow/cavitation",
  asks: "Cavitation",
  source:
    "IEC 60534-8-4:2015: incipient cavitation at x_Fz of the trim, constant cavitation at 0.8·F_L² (indicative)",
  inputs: [
    "pressures of the cases",
    "vapour pressure",
    "x_Fz and F_L of the trim",
    "face of the closing member",
  ],
  dependsOn: ["trim"],
  unit: "",
  appliesTo: "both",
  fluid: "liquid",
  ofBoiling: true,
  measure: (c, _flow, { valve }) => {
    const { cavitation: thresholds, boiling, ratio } = c.figures;
    if (thresholds === null || boiling === "flashing") return null;
    const face = closingFace(valve.trim);
    const hard = face.boilingFlow === "good";
    const constant = boiling === "constant" || boiling === "choked";
    const limit = ratio < thresholds.heardFrom ? thresholds.heardFrom : thresholds.constantFrom;
    const verdict = boiling === "none" ? "holds" : constant && !hard ? "fails" : "tight";
    return {
      value: ratio,
      limit,
      margin: limit / Math.max(ratio, 1e-9) - 1,
      verdict,
      ...(verdict !== "fails" && ratio > thresholds.heardFrom
        ? { decides: constant ? "hard-faced" : "audible only" }
        : {}),
      uses: [
        used("begins at", thresholds.heardFrom, thresholds.measured ? "catalogue" : "estimate"),
        used("constant cavitation from", thresholds.constantFrom, "estimate"),
        used("closing member", face.metal, "catalogue"),
      ],
    };
  },
  otherwise: "No case has a liquid that stays liquid downstream.",
  says: {
    holds: "No case reaches incipient cavitation.",
    tight: "Cavitation begins: it is audible and wears the closing member over time.",
    fails: "Constant cavitation erodes a closing member that is not hard-faced.",
  },
  remedy:
    "Use a hard-faced closing member, an anti-cavitation trim, less pressure drop, or a higher downstream pressure.",
});
