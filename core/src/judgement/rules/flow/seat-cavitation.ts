import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether collapsing bubbles, or droplets in fast vapour, damage the seat. */
export const seatCavitation = flowRule({
  id: "flow/seat-cavitation",
  asks: "Seat in boiling flow",
  source: "Boiling flow tears soft rings and thin lips. A solid metal ring resists it (indicative)",
  inputs: [
    "pressures of the cases",
    "vapour pressure",
    "F_L of the trim",
    "contact of seat and closing member",
  ],
  dependsOn: ["seat"],
  unit: "",
  appliesTo: "both",
  fluid: "liquid",
  ofBoiling: true,
  measure: (c, { throttles }, { valve }) => {
    const { cavitation: thresholds, boiling, ratio } = c.figures;
    if (thresholds === null) return null;
    const { execution } = valve.seat.offer;
    const limit = thresholds.constantFrom;
    const margin = limit / Math.max(ratio, 1e-9) - 1;
    const uses = [
      used("seat", execution ?? valve.seat.material.name, "catalogue"),
      used("constant cavitation from", limit, "estimate"),
    ];
    if (ratio < limit) return { value: ratio, limit, margin, verdict: "holds", uses };
    const soft = valve.seat.material.kind !== "metal";
    // When the valve is open its seat is outside the flow. The flow reaches the seat only while the valve turns.
    if (!throttles)
      return { value: ratio, limit, margin, verdict: soft ? "tight" : "holds", uses, decides: "open" };
    if (execution === null && !soft) return { missing: "contact of the metal seat and the closing member" };
    const stands = execution === "solid metal ring" || execution === "clearance";
    const grave = boiling === "choked" || boiling === "flashing";
    const verdict = stands ? "holds" : soft || grave ? "fails" : "tight";
    return {
      value: ratio,
      limit,
      margin,
      verdict,
      uses,
      ...(verdict !== "fails" && { decides: execution! }),
    };
  },
  otherwise: "No case has a liquid flow.",
  says: {
    holds: "No boiling flow reaches the seat, or the seat resists it.",
    tight: "Boiling flow wears this seat, which loses its tightness over time.",
    fails: "Boiling flow tears this seat.",
  },
  remedy: "Use a solid metal ring, less pressure drop, or a higher downstream pressure.",
});
