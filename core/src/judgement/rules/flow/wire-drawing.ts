import { closingFace } from "../../../equipment/trims/closing-face.ts";
import { jetMS } from "../../../mechanics/flow/jet.ts";
import { against } from "../compare.ts";
import { used } from "../inputs.ts";
import { hardFaceFrom } from "../solids.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether the jet of a nearly shut valve cuts seat and closing member. */
export const wireDrawing = flowRule({
  id: "flow/wire-drawing",
  asks: "Wire-drawing near the seat",
  source:
    "The whole pressure drop converted to velocity in the gap below the lowest travel for control (an estimate); limit by house rule",
  inputs: [
    "pressures of the cases",
    "travel",
    "faces of seat and closing member",
    "house rules: lowest travel for control, jet on a soft seat",
  ],
  dependsOn: ["trim", "seat.material"],
  unit: "m/s",
  appliesTo: "throttling",
  measure: (c, _flow, { valve, duty, house }) => {
    const { stream, figures } = c;
    if (figures.openingPercent >= house.leastOpeningPercent) return null;
    const wet =
      stream.kind !== "gas" ||
      duty.cases.find(({ id }) => id === c.caseId)?.phase === "steam" ||
      duty.solidsPercent > 0;
    if (!wet) return null;
    const jet = jetMS(stream);
    if (!Number.isFinite(jet)) return { missing: "density" };
    const [seat, face] = [valve.seat.material, closingFace(valve.trim)];
    const measured = against(jet, house.crackedJetMS, 0);
    const hard = seat.kind === "metal" && face.abrasionResistance >= hardFaceFrom;
    return {
      ...measured,
      verdict: measured.verdict === "fails" && hard ? "tight" : measured.verdict,
      ...(hard && measured.verdict === "fails" && { decides: "hard faces" }),
      uses: [used("seat", seat.name, "catalogue"), used("closing member", face.metal, "catalogue")],
    };
  },
  otherwise: "No case throttles a wet or dirty fluid close to the seat.",
  says: {
    holds: "The jet near the seat is slow.",
    tight:
      "The valve works close to its seat. The jet wears hard faces too, and the valve will leak when shut.",
    fails: "The valve works close to its seat. The jet cuts grooves into seat or closing member.",
  },
  remedy: "Use a smaller trim, or hard faces on seat and closing member.",
});
