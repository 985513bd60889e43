import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { streamOf } from "../../../duty/stream/stream.ts";
import { closingFace } from "../../../equipment/trims/closing-face.ts";
import { jetMS } from "../../../mechanics/flow/jet.ts";
import { against } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";
import { hardFaceFrom } from "../solids.ts";

/** Cases in which the valve opens against a differential, with a fluid of stated phase. */
const cracked = (c: SettledDuty["cases"][number]) =>
  c.shut && c.phase !== null && c.pressureBarG !== null && (c.turnedAgainstBar ?? 0) > 0;

/** Whether the liquid boils in the gap; where its boiling point is not known it counts as boiling. */
const boilsIn = (stream: NonNullable<ReturnType<typeof streamOf>["stream"]>): boolean =>
  stream.kind === "liquid" && (!stream.vapourKnown || stream.downstreamBarA <= stream.vapourBarA);

/** Jet on seat and closing member while the valve is cracked open at full differential. */
export const crackedJet = rule({
  id: "flow/cracked-jet",
  asks: "Jet velocity when cracked open",
  source:
    "The whole differential pressure converted to velocity, a gas up to sonic velocity (an estimate); limit by house rule. A liquid that boils in the gap wears what is not hard at any velocity",
  inputs: [
    "differential it is opened against",
    "fluid",
    "vapour pressure",
    "solids",
    "seat",
    "closing member",
    "house rule: jet on a soft seat",
  ],
  dependsOn: ["trim", "seat.material"],
  tight: "mild",
  notApplicableBecause: ({ cases }) =>
    cases.some(cracked)
      ? null
      : "The valve opens without differential pressure, or the fluid data are not stated.",
  examine: ({ valve, duty, house }) => {
    const { solidsPercent, viscosityMPaS } = duty.stated.fluid;
    // The velocity of a jet does not depend on the viscosity, so a missing one is no reason to wait.
    const jetted = {
      ...duty,
      stated: { ...duty.stated, fluid: { ...duty.stated.fluid, viscosityMPaS: viscosityMPaS ?? 1 } },
    };
    const gritty = (solidsPercent ?? 0) > 0;
    const soft = valve.seat.material.kind === "polymer";
    const face = closingFace(valve.trim);
    const bare = face.abrasionResistance < hardFaceFrom;
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
        const streamOfCase = streamOf({ ...c, ...sides }, forward, jetted, house, true);
        if (streamOfCase.stream === null) {
          // A jet of unknown velocity counts as fast and boiling.
          const wears = gritty || (c.phase !== "gas" && c.phase !== "steam");
          return wears && (soft || bare)
            ? { value: null, limit: null, margin: null, verdict: "tight" }
            : null;
        }
        const jet = jetMS(streamOfCase.stream);
        if (!Number.isFinite(jet)) return { missing: "density" };
        const boils = boilsIn(streamOfCase.stream);
        // A clean gas cuts nothing, and a clean liquid that stays liquid cuts no metal.
        const asked = soft ? gritty || streamOfCase.stream.kind !== "gas" : bare && (gritty || boils);
        if (!asked) return { value: jet, limit: null, margin: null, verdict: "holds" };
        const measured = against(jet, house.crackedJetMS, 0);
        // It does not keep it from opening: it costs seat and closing member.
        return measured.verdict === "fails" || boils
          ? { ...measured, margin: null, verdict: "tight" }
          : measured;
      },
      says: (verdict) =>
        verdict === "holds"
          ? "The jet is within the limit of seat and closing member."
          : "When cracked open, a fast or boiling jet erodes the seat and the closing member. Open the valve without stopping, or equalise first.",
      remedy: (verdict) =>
        verdict === "holds"
          ? null
          : "Use an equalising bypass, a metal seat on a hard-faced closing member, or fast opening over the first 10 % of travel.",
      uses: () => [
        used("seat", valve.seat.material.name, "catalogue"),
        used("closing member", face.metal, "catalogue"),
        stated("solids", solidsPercent ?? 0, solidsPercent, "%"),
      ],
    });
  },
});
