import { installedGain, systemOf } from "../../../mechanics/flow/installed.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether one tuning of the loop suits every case. */
export const gain = flowRule({
  id: "flow/gain",
  asks: "Installed gain",
  source:
    "Change of flow per change of travel in the line described by the cases (p = a + b·q²): ratio of highest to lowest",
  inputs: ["flow and pressures of the cases", "curve of the trim", "house rule: gain"],
  unit: "",
  appliesTo: "throttling",
  tight: "mild",
  measure: (c, flow, { house }) => {
    const system = systemOf(flow);
    if (system === null || !system.known) return null;
    const largest = flow.cases.find(({ stream }) => stream === system.stream);
    const inRange = flow.cases.filter(
      ({ standing, reverse }) => standing.beyond === null && reverse === largest?.reverse,
    );
    if (inRange.length < 2 || c !== inRange[0]) return null;
    const gains = inRange.map(({ standing }) =>
      installedGain(flow.trim, standing.openingPercent, system, flow.pipes),
    );
    const [least, maximum] = [Math.min(...gains), Math.max(...gains)];
    const comparison = against(maximum / Math.max(least, 1e-9), house.gainRatio, 0);
    return {
      ...comparison,
      verdict: comparison.verdict === "fails" ? "tight" : comparison.verdict,
      uses: [
        used("highest gain", maximum, "computed"),
        used("lowest gain", least, "computed"),
        used("valve authority", system.authority, "computed"),
      ],
    };
  },
  otherwise: "The control cases do not describe one line, so there is no gain to compare.",
  says: {
    holds: "A control loop tuned for one case is stable in the others.",
    tight: "A control loop tuned for one case hunts or is sluggish in another.",
    fails: "",
  },
  remedy:
    "Use another characteristic, more pressure drop across the valve, or gain scheduling in the controller.",
});
