import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { streamOf } from "../../../duty/stream/stream.ts";
import { jetMS } from "../../../mechanics/flow/jet.ts";
import { against } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";

/** Cases in which the valve opens against a differential, with a fluid of stated phase. */
const cracked = (c: SettledDuty["cases"][number]) =>
  c.shut && c.phase !== null && c.pressureBarG !== null && (c.turnedAgainstBar ?? 0) > 0;

/** Jet on the seat while the valve is cracked open at full differential. */
export const crackedJet = rule({
  id: "flow/cracked-jet",
  asks: "Jet velocity when cracked open",
  source:
    "The whole differential pressure converted to velocity, a gas up to sonic velocity (an estimate); limit by house rule",
  inputs: ["differential it is opened against", "fluid", "solids", "seat", "house rule: jet on a soft seat"],
  dependsOn: ["seat.material"],
  tight: "mild",
  notApplicableBecause: ({ cases }) =>
    cases.some(cracked)
      ? null
      : "The valve opens without differential pressure, or the fluid data are not stated.",
  examine: ({ valve, duty, house }) => {
    const { solidsPercent } = duty.stated.fluid;
    const gritty = (solidsPercent ?? 0) > 0;
    const soft = valve.seat.material.kind === "polymer";
    return overCases(duty.cases.filter(cracked), {
      unit: "m/s",
      marginUnit: "%",
      sense: "≤",
      measure: (c) => {
        // From either side; any flow rate will do.
        const sides = {
          upstreamBarG: c.pressureBarG!,
          downstreamBarG: c.pressureBarG! - c.turnedAgainstBar!,
        };
        const entered = duty.stated.cases[duty.cases.indexOf(c)]!;
        const forward = { ...entered, ...sides, flow: "forward", rate: 1, rateBasis: "kg/h" } as const;
        const streamOfCase = streamOf({ ...c, ...sides }, forward, duty, house, true);
        // The state of this stream is not known, so its jet is not asked.
        if (streamOfCase.stream === null) return null;
        const jet = jetMS(streamOfCase.stream);
        if (!Number.isFinite(jet)) return { missing: "density" };
        // A clean gas cuts nothing.
        const asked = soft && (gritty || streamOfCase.stream.kind !== "gas");
        if (!asked) return { value: jet, limit: null, margin: null, verdict: "holds" };
        const measured = against(jet, house.crackedJetMS, 0);
        // It does not keep it from opening: it costs the seat.
        return measured.verdict === "fails" ? { ...measured, margin: null, verdict: "tight" } : measured;
      },
      says: (verdict) =>
        verdict === "holds"
          ? "The jet velocity is within the limit of the seat."
          : "When cracked open, the jet erodes a soft seat. Open the valve without stopping, or equalise first.",
      remedy: (verdict) =>
        verdict === "holds"
          ? null
          : "Use an equalising bypass, a metal seat, or fast opening over the first 10 % of travel.",
      uses: () => [
        used("seat", valve.seat.material.name, "catalogue"),
        stated("solids", solidsPercent ?? 0, solidsPercent, "%"),
      ],
    });
  },
});
