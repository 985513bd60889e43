import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

const kWPerM3hBar = 1 / 36;

/** What the bore costs in pressure. */
export const openDrop = flowRule({
  id: "flow/open-drop",
  asks: "Pressure the open valve takes",
  source: "IEC 60534-2-1:2011 at the coefficient wide open; limit by house rule",
  inputs: [
    "flow and pressures of the cases",
    "flow coefficient of the bore",
    "house rules: drop, energy, pump, hours",
  ],
  unit: "bar",
  of: "open",
  tight: "mild",
  measure: (c, _, { house }) => {
    const of = against(c.dropBar, house.openDropBar, 0);
    const pumped = c.stream.kind === "liquid" ? c.stream.flowM3h * c.dropBar * kWPerM3hBar : null;
    const cost =
      pumped === null
        ? null
        : (pumped / (house.pumpEfficiencyPercent / 100)) * house.hoursPerYear * house.energyPricePerKwh;
    return {
      ...of,
      verdict: c.standing.beyond !== null ? "fails" : of.verdict === "fails" ? "tight" : of.verdict,
      ...(c.standing.beyond !== null && { decides: "all of it, and too little" }),
      uses: cost === null ? [] : [used("pumping it costs a year, about", Math.round(cost), "estimate")],
    };
  },
  otherwise: "No case flows.",
  says: {
    holds: "Open, it takes little of the pressure.",
    tight: "Open, it takes more of the pressure than the house gives a valve.",
    fails: "Open, it does not pass the flow at all with the pressure there is.",
  },
  remedy: "A full bore, or a larger valve.",
});
