import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether a liquid chokes in the trim. */
export const choking = flowRule({
  id: "flow/choking",
  asks: "Choked flow, liquid",
  source: "IEC 60534-2-1:2011: F_L² of the trim at the opening against (p₁ − p₂)/(p₁ − p_v)",
  inputs: ["pressures of the cases", "vapour pressure", "F_L of the trim"],
  unit: "",
  appliesTo: "both",
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
  otherwise: "No case has a liquid that stays liquid downstream.",
  says: {
    holds: "No case reaches choked flow.",
    tight: "The flow is choked in an anti-cavitation trim made for this.",
    fails: "The flow is choked. Vapour collapses downstream, and more pressure drop gives no more flow.",
  },
  remedy: "Use less pressure drop, a trim with lower pressure recovery, or two valves in series.",
});
