import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether a liquid cavitates, and whether the trim stands it. */
export const cavitation = flowRule({
  id: "flow/cavitation",
  asks: "Cavitation",
  source:
    "IEC 60534-8-4:2015: x_Fz of the trim at its opening and pressure, where it begins; 0.8·F_L² where it is constant (indicative)",
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
        ? { decides: constant ? "hard-faced" : "heard only" }
        : {}),
      uses: [
        used("begins at", of.heardFrom, of.measured ? "catalogue" : "estimate"),
        used("constant from", of.constantFrom, "estimate"),
        used("hard-faced", hard ? "yes" : "no", trim.typical ? "assumed" : "catalogue"),
      ],
    };
  },
  otherwise: "No liquid flows that stays one.",
  says: {
    holds: "No case comes to where bubbles form.",
    tight: "Bubbles form and collapse: it is heard, and in time it wears the trim.",
    fails: "Bubbles collapse on a trim that is not hard enough for it.",
  },
  remedy: "A hard-faced trim or one made against cavitation, less drop, or more pressure behind the valve.",
});
