import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether bubbles that collapse behind it leave the seat whole. */
export const seatCavitation = flowRule({
  id: "flow/seat-cavitation",
  asks: "Seat in cavitation",
  source: "Cavitation tears soft rings and thin lips. A solid metal ring resists it (indicative)",
  inputs: [
    "pressures of the cases",
    "vapour pressure",
    "F_L of the trim",
    "contact of seat and closing member",
  ],
  dependsOn: ["seat"],
  unit: "",
  appliesTo: "throttling",
  fluid: "liquid",
  ofBoiling: true,
  measure: (c, _flow, { valve }) => {
    const { cavitation: thresholds, boiling, ratio } = c.figures;
    if (thresholds === null || boiling === "flashing") return null;
    const { execution } = valve.seat.offer;
    const limit = thresholds.constantFrom;
    const margin = limit / Math.max(ratio, 1e-9) - 1;
    const uses = [
      used("seat", execution ?? "not stated", "catalogue"),
      used("constant cavitation from", limit, "estimate"),
    ];
    if (ratio < limit) return { value: ratio, limit, margin, verdict: "holds", uses };
    const soft = valve.seat.material.kind !== "metal";
    if (execution === null && !soft) return { missing: "contact of the metal seat and the closing member" };
    const stands = execution === "solid metal ring" || execution === "clearance";
    const verdict = stands ? "holds" : soft || boiling === "choked" ? "fails" : "tight";
    return {
      value: ratio,
      limit,
      margin,
      verdict,
      uses,
      ...(verdict !== "fails" && { decides: execution! }),
    };
  },
  otherwise: "No case has a liquid that stays liquid downstream.",
  says: {
    holds: "No cavitation reaches the seat, or the seat resists it.",
    tight: "Cavitation wears a thin lip, which loses its tightness over time.",
    fails: "Cavitation tears this seat.",
  },
  remedy: "Use a solid metal ring, less pressure drop, or a higher downstream pressure.",
});
