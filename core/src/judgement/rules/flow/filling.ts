import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { streamOf } from "../../../duty/stream/stream.ts";
import { flowAround } from "../../../mechanics/flow/assess.ts";
import { fillingS } from "../../../mechanics/flow/filling.ts";
import { flowOf } from "../../../mechanics/flow/picked.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

/** Cases with a higher pressure on one side, by stated pressures. */
const fills = (c: SettledDuty["cases"][number]) =>
  c.kind !== "fire" &&
  c.kind !== "shut-off differential" &&
  c.downstreamOrigin === "entered" &&
  (c.differentialBar ?? 0) > 0;

/** Time to fill the system behind the valve, or to blow down the one before it. */
export const filling = rule({
  id: "flow/filling",
  asks: "Filling or blow-down time",
  source:
    "IEC 60534-2-1:2011 integrated over the pressure at the temperature of the fluid (an estimate of the shortest time)",
  inputs: [
    "pressures of the cases",
    "volume",
    "rated flow coefficient",
    "required time",
    "house rule: margin of the required time",
  ],
  dependsOn: ["size", "flow"],
  notApplicableBecause: ({ stated, cases }) =>
    stated.heldVolumeM3 === null
      ? "No volume is stated."
      : cases.some(fills)
        ? null
        : "No case states two pressures for filling.",
  examine: ({ valve, duty, house }) => {
    const { heldVolumeM3: volume, fillsWithinS: within } = duty.stated;
    const { trim } = flowOf(valve, duty, house);
    const { pipes } = flowAround(valve.size, duty, house);
    return overCases(duty.cases.filter(fills), {
      unit: "s",
      marginUnit: "%",
      sense: "≤",
      measure: (c) => {
        const stated = duty.stated.cases[duty.cases.indexOf(c)]!;
        // Any flow rate will do: the rule computes the flow at these pressures.
        const streamOfCase = streamOf(c, { ...stated, rate: 1, rateBasis: "kg/h" }, duty, house, true);
        if (streamOfCase.stream === null)
          return { missing: "missing" in streamOfCase ? streamOfCase.missing : "flow" };
        const seconds = fillingS(trim, streamOfCase.stream, pipes, volume!, c.kind === "blow-down");
        if (seconds === null) return { missing: "method for two phases" };
        if (!Number.isFinite(seconds)) return { missing: "flow data of the fluid" };
        if (within === null) return { value: seconds, limit: null, margin: null, verdict: "holds" };
        const measured = against(seconds, within, house.fillingMarginPercent / 100);
        // A coefficient that the maker does not state proves nothing.
        return measured.verdict === "holds" && trim.typical ? { ...measured, verdict: "tight" } : measured;
      },
      says: (verdict, c) => {
        const does = c.kind === "blow-down" ? "empties" : "fills";
        if (verdict === "fails")
          return `Fully open, the valve ${does} the volume later than required, without stroking time and line losses.`;
        return verdict === "tight"
          ? `Fully open, the valve ${does} the volume in time at best. Stroking time, line losses or the estimated coefficient can make it late.`
          : `Fully open, the valve ${does} the volume in this time at best. Stroking time and line losses come on top.`;
      },
      remedy: (verdict) => (verdict === "holds" ? null : "Use a larger valve, or allow more time."),
      uses: () => [
        used("volume", volume!, "entered", "m³"),
        used("rated Kv", trim.kv, trim.typical ? "estimate" : "catalogue", "Kv"),
      ],
    });
  },
});
