import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether a liquid cavitates, and whether the trim stands it. */
export const cavitation = flowRule({
  id: "flow/cavitation",
  asks: "Cavitation",
  source:
    "IEC 60534-8-4:2015: incipient cavitation at x_Fz of the trim, constant cavitation at 0.8·F_L² (indicative)",
  inputs: ["pressures of the cases", "vapour pressure", "x_Fz and F_L of the trim", "hard facing"],
  unit: "",
  of: "both",
  fluid: "liquid",
  ofBoiling: true,
  measure: (c, { trim }) => {
    const { cavitation: of, boiling, ratio } = c.figures;
    if (of === null || boiling === "flashing") return null;
    const hard = trim.trim.hardFaced;
    const constant = boiling === "constant" || boiling === "choked";
    const limit = ratio < of.heardFrom ? of.heardFrom : of.constantFrom;
    const verdict = boiling === "none" ? "holds" : constant && !hard ? "fails" : "tight";
    return {
      value: ratio,
      limit,
      margin: limit / Math.max(ratio, 1e-9) - 1,
      verdict,
      ...(verdict !== "fails" && ratio > of.heardFrom
        ? { decides: constant ? "hard-faced" : "audible only" }
        : {}),
      uses: [
        used("begins at", of.heardFrom, of.measured ? "catalogue" : "estimate"),
        used("constant cavitation from", of.constantFrom, "estimate"),
        used("hard-faced", hard ? "yes" : "no", trim.typical ? "assumed" : "catalogue"),
      ],
    };
  },
  otherwise: "No case has a liquid that stays liquid downstream.",
  says: {
    holds: "No case reaches incipient cavitation.",
    tight: "Cavitation begins: it is audible and wears the trim over time.",
    fails: "Constant cavitation erodes a trim that is not hard-faced.",
  },
  remedy:
    "Use a hard-faced trim, an anti-cavitation trim, less pressure drop, or a higher downstream pressure.",
});
