import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether bubbles that collapse behind it leave the seat whole. */
export const seatCavitation = flowRule({
  id: "flow/seat-cavitation",
  asks: "Seat in cavitation",
  source: "Collapsing bubbles tear soft rings and thin lips; a solid ring stands them (indicative)",
  inputs: ["pressures of the cases", "vapour pressure", "F_L of the trim", "how the seat meets the closure"],
  hangsOn: ["seat"],
  unit: "",
  of: "throttling",
  fluid: "liquid",
  ofBoiling: true,
  measure: (c, _flow, { valve }) => {
    const { cavitation: of, boiling, ratio } = c.figures;
    if (of === null || boiling === "flashing") return null;
    const { execution } = valve.seat.offer;
    const limit = of.constantFrom;
    const margin = limit / Math.max(ratio, 1e-9) - 1;
    const uses = [
      used("seat", execution ?? "not stated", "catalogue"),
      used("constant from", limit, "estimate"),
    ];
    if (ratio < limit) return { value: ratio, limit, margin, verdict: "holds", uses };
    const soft = valve.seat.material.kind !== "metal";
    if (execution === null && !soft) return { missing: "how the metal seat meets the closure" };
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
  otherwise: "No liquid flows that stays one.",
  says: {
    holds: "No bubbles collapse at the seat, or the ring stands them.",
    tight: "Bubbles collapse along a thin lip: it wears, and in time no longer seals.",
    fails: "Bubbles collapse at a seat they tear.",
  },
  remedy: "A solid metal ring, less drop, or more pressure behind the valve.",
});
