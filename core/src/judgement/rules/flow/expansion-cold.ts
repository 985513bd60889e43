import { atmosphereBar } from "../../../basis/units/definitions.ts";
import { expandedC } from "../../../duty/fluid/expansion.ts";
import { kelvinTo } from "../compare.ts";
import { used } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

/** A gas falls through the valve in it, and somebody says to what. */
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

/** How cold a gas leaves the valve, and whether the body stands it. */
export const expansionCold = rule({
  id: "flow/expansion-cold",
  asks: "Cold of the expansion",
  source:
    "Constant enthalpy through the valve by Peng–Robinson (estimate) against the grade's lowest temperature",
  inputs: ["pressures and temperature of the cases", "fluid", "body grade"],
  hangsOn: ["grade"],
  unraised: ({ cases }) =>
    cases.some(falls) ? null : "No gas falls through it to a pressure that is stated.",
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
        if (behind === null) return { missing: "critical figures of the fluid" };
        const of = kelvinTo(behind, valve.grade.minimumC, "≥", 0);
        // Open and shut, it is cold for as long as it is being cracked; throttling or blowing down, for hours.
        const lasts = duty.function.has("throttling") || c.kind === "blow-down";
        return of.verdict === "fails" && !lasts ? { ...of, verdict: "tight" } : of;
      },
      says: (verdict) =>
        verdict === "holds"
          ? "What expands through it stays warm enough for the body."
          : verdict === "tight"
            ? "While it is cracked open, what expands through it is colder than the body is tough at."
            : "What expands through it is colder than the body is tough at.",
      remedy: (verdict) =>
        verdict === "holds"
          ? null
          : "An impact-tested or austenitic grade, or a pressure let up behind it first.",
      uses: (c) => [
        ...(c.temperatureC === null
          ? []
          : [used(`temperature before, ${c.name}`, c.temperatureC, "entered", "°C")]),
        used(`lowest for ${valve.grade.grade}`, valve.grade.minimumC, "reference", "°C"),
      ],
    }),
});
