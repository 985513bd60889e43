import { installedGain, systemOf } from "../../../mechanics/flow/installed.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether the loop may be tuned alike for every case. */
export const gain = flowRule({
  id: "flow/gain",
  asks: "Installed gain",
  source:
    "Change of flow for a change of opening, in the line the cases describe (p = a + b·q²): largest over least of the cases",
  inputs: ["flow and pressures of the cases", "curve of the trim", "house rule: gain"],
  unit: "",
  of: "throttling",
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
    const [least, most] = [Math.min(...gains), Math.max(...gains)];
    const of = against(most / Math.max(least, 1e-9), house.gainRatio, 0);
    return {
      ...of,
      verdict: of.verdict === "fails" ? "tight" : of.verdict,
      uses: [
        used("largest gain", most, "computed"),
        used("least gain", least, "computed"),
        used("authority of the valve", system.authority, "computed"),
      ],
    };
  },
  otherwise: "The controlled cases describe no one line: there is nothing to compare.",
  says: {
    holds: "A loop tuned for one case is stable in the others.",
    tight: "A loop tuned for one case hunts or sleeps in another.",
    fails: "",
  },
  remedy: "Another characteristic, more drop at the valve, or a controller that schedules its gain.",
});
