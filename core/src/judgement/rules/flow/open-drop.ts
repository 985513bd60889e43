import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

const kWPerM3hBar = 1 / 36;

/** Pressure drop of the open bore. */
export const openDrop = flowRule({
  id: "flow/open-drop",
  asks: "Pressure drop of the open valve",
  source: "IEC 60534-2-1:2011 at the rated coefficient; limit by house rule",
  inputs: [
    "flow and pressures of the cases",
    "flow coefficient of the bore",
    "house rules: drop, energy, pump, hours",
  ],
  unit: "bar",
  appliesTo: "open",
  tight: "mild",
  measure: (c, _, { house }) => {
    const comparison = against(c.dropBar, house.openDropBar, 0);
    const pumped = c.stream.kind === "liquid" ? c.stream.flowM3h * c.dropBar * kWPerM3hBar : null;
    const cost =
      pumped === null
        ? null
        : (pumped / (house.pumpEfficiencyPercent / 100)) * house.hoursPerYear * house.energyPricePerKwh;
    return {
      ...comparison,
      verdict:
        c.standing.beyond !== null ? "fails" : comparison.verdict === "fails" ? "tight" : comparison.verdict,
      ...(c.standing.beyond !== null && { decides: "the whole pressure drop, and not enough" }),
      uses: cost === null ? [] : [used("pumping cost per year, about", Math.round(cost), "estimate")],
    };
  },
  otherwise: "No case states a flow.",
  says: {
    holds: "The pressure drop of the open valve is within the house rule.",
    tight: "The pressure drop of the open valve exceeds the house rule.",
    fails: "The open valve does not pass the flow with the available pressure.",
  },
  remedy: "Use a full-bore or larger valve.",
});
