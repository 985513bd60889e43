import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether a liquid chokes in the trim. */
export const choking = flowRule({
  id: "flow/choking",
  asks: "Liquid does not choke",
  source: "IEC 60534-2-1:2011: F_L² of the trim at its opening against (p₁ − p₂)/(p₁ − p_v)",
  inputs: ["pressures of the cases", "vapour pressure", "F_L of the trim"],
  unit: "",
  of: "both",
  fluid: "liquid",
  ofBoiling: true,
  measure: (c, { trim }) => {
    const { cavitation, boiling, ratio } = c.figures;
    if (cavitation === null || boiling === "flashing") return null;
    const measured = against(ratio, cavitation.chokesFrom, 0);
    const made = trim.trim.kind === "cavitation trim";
    return {
      ...measured,
      verdict: measured.verdict === "fails" && made ? "tight" : measured.verdict,
      uses: [used("σ, (p₁ − p_v)/(p₁ − p₂)", cavitation.sigma, "computed")],
    };
  },
  otherwise: "No liquid flows that stays one.",
  says: {
    holds: "No case comes to where the liquid fills with vapour.",
    tight: "The liquid chokes in a trim that is made to stand it.",
    fails: "The liquid chokes: vapour fills the trim and falls in behind it, and more drop passes no more.",
  },
  remedy: "Less drop at the valve, a trim that recovers less pressure, or two drops in series.",
});
