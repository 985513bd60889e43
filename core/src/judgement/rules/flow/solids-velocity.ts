import { closingFace } from "../../../equipment/trims/closing-face.ts";
import { against } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { hardFaceFrom } from "../solids.ts";
import { flowRule } from "./flow-rule.ts";

/** Erosion by solids in the stream. */
export const solidsVelocity = flowRule({
  id: "flow/solids-velocity",
  asks: "Erosion by solids",
  source: "Outlet velocity of a fluid with solids; limits by house rule, with and without hard faces",
  inputs: [
    "flow of the cases",
    "solids",
    "faces of seat and closing member",
    "house rules: velocities with solids",
  ],
  dependsOn: ["trim", "seat.material"],
  unit: "m/s",
  appliesTo: "both",
  notApplicableBecause: ({ stated: { fluid } }) =>
    (fluid.solidsPercent ?? 0) > 0
      ? fluid.solidsHard === false
        ? "The solids are soft."
        : null
      : "The fluid carries no solids.",
  measure: (c, _flow, { valve, house, duty }) => {
    const { outletMS } = c.figures;
    const usual = against(outletMS, house.solidsMS, 0);
    const [seat, face] = [valve.seat.material, closingFace(valve.trim)];
    const hard = Math.min(seat.abrasionResistance, face.abrasionResistance) >= hardFaceFrom;
    const { solidsPercent, solidsHard } = duty.stated.fluid;
    const uses = [
      stated("solids", solidsPercent ?? 0, solidsPercent, "%"),
      stated("hard", solidsHard ?? true, solidsHard),
      used("seat", seat.name, "catalogue"),
      used("closing member", face.metal, "catalogue"),
    ];
    if (usual.verdict !== "fails" || !hard) return { ...usual, uses };
    const hardened = against(outletMS, Math.max(house.solidsMS, house.hardSolidsMS), 0);
    return {
      ...hardened,
      verdict: hardened.verdict === "fails" ? "fails" : "tight",
      decides: "hard faces",
      uses,
    };
  },
  otherwise: "No case states a flow.",
  says: {
    holds: "The velocity is low enough for little wear.",
    tight: "Seat and closing member are hard-faced. The solids wear body and pipe: measure their walls.",
    fails: "The solids are fast enough to erode closing member, body and pipe.",
  },
  remedy: "Use a larger valve and pipe, and hard faces on seat and closing member.",
});
