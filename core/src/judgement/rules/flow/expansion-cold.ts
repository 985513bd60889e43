import { atmosphereBar } from "../../../basis/units/definitions.ts";
import { expandedC } from "../../../duty/fluid/expansion.ts";
import { kelvinTo } from "../compare.ts";
import { used } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

/** A gas expands through the valve in it, to a stated pressure. */
const falls = (c: {
  readonly phase: string | null;
  readonly kind: string;
  readonly downstreamOrigin: string;
  readonly differentialBar: number | null;
}) =>
  (c.phase === "gas" || c.phase === "dense phase") &&
  c.kind !== "fire" &&
  c.kind !== "shut-off differential" &&
  c.downstreamOrigin === "entered" &&
  c.differentialBar !== null &&
  c.differentialBar > 0;

/** Temperature of the gas behind the valve, against the body's limit. */
export const expansionCold = rule({
  id: "flow/expansion-cold",
  asks: "Cold after expansion",
  source: "Isenthalpic expansion by Peng–Robinson (estimate) against the minimum temperature of the grade",
  inputs: ["pressures and temperature of the cases", "fluid", "body grade"],
  dependsOn: ["grade"],
  notApplicableBecause: ({ cases }) =>
    cases.some(falls) ? null : "No case has gas with a stated downstream pressure.",
  examine: ({ valve, duty }) =>
    overCases(duty.cases.filter(falls), {
      unit: "°C",
      marginUnit: "K",
      sense: "≥",
      measure: (c) => {
        if (c.temperatureC === null) return { missing: "temperature" };
        const [high, low] = [c.upstreamBarG!, c.downstreamBarG].sort((a, b) => b - a) as [number, number];
        const behind =
          duty.fluid &&
          expandedC(duty.fluid, c.temperatureC, high + atmosphereBar, Math.max(0.01, low + atmosphereBar));
        if (behind === null) return { missing: "critical data of the fluid" };
        const comparison = kelvinTo(behind, valve.grade.minimumC, "≥", 0);
        // Open and shut, it is cold for as long as it is being cracked; throttling or blowing down, for hours.
        const lasts = duty.function.has("throttling") || c.kind === "blow-down";
        return comparison.verdict === "fails" && !lasts ? { ...comparison, verdict: "tight" } : comparison;
      },
      says: (verdict) =>
        verdict === "holds"
          ? "The expanded gas stays above the minimum temperature of the body."
          : verdict === "tight"
            ? "When cracked open, the expanded gas is below the minimum temperature of the body."
            : "The expanded gas is below the minimum temperature of the body: brittle fracture is possible.",
      remedy: (verdict) =>
        verdict === "holds"
          ? null
          : "Use an impact-tested or austenitic grade, or pressurise the downstream side first.",
      uses: (c) => [
        ...(c.temperatureC === null
          ? []
          : [used(`upstream temperature, ${c.name}`, c.temperatureC, "entered", "°C")]),
        used(`lowest for ${valve.grade.grade}`, valve.grade.minimumC, "reference", "°C"),
      ],
    }),
});
