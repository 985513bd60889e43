import { caseKinds, flowBases, phases } from "../../duty/words.ts";
import { choice, type LineListField, number, pressure, temperature, text, yesNo } from "./field.ts";

/** One operating case. */
export const caseFields: readonly LineListField[] = [
  { id: "id", label: "Case id", of: "case", holds: text(40), headings: ["case id"] },
  {
    id: "kind",
    label: "Case kind",
    of: "case",
    holds: choice(caseKinds),
    headings: ["case kind", "case type", "kind"],
  },
  {
    id: "name",
    label: "Case",
    of: "case",
    holds: text(60),
    headings: ["case", "case name", "operating case"],
  },
  {
    id: "upstreamBarG",
    label: "Upstream",
    of: "case",
    holds: pressure,
    headings: ["upstream", "upstream pressure", "p1", "inlet pressure", "pressure"],
  },
  {
    id: "downstreamBarG",
    label: "Downstream",
    of: "case",
    holds: pressure,
    headings: ["downstream", "downstream pressure", "p2", "outlet pressure"],
  },
  {
    id: "temperatureC",
    label: "Temperature",
    of: "case",
    holds: temperature,
    headings: ["temperature", "temp", "t"],
  },
  {
    id: "flow",
    label: "Case pressure from",
    of: "case",
    holds: choice(["forward", "reverse"]),
    headings: ["case flow direction"],
  },
  {
    id: "mayBeShut",
    label: "May be shut",
    of: "case",
    holds: yesNo,
    headings: ["may be shut", "shut in this case"],
  },
  { id: "phase", label: "Case phase", of: "case", holds: choice(phases), headings: ["case phase"] },
  {
    id: "rate",
    label: "Case flow",
    of: "case",
    holds: number,
    headings: ["case flow rate", "flow rate", "flow", "rate"],
  },
  {
    id: "rateBasis",
    label: "Flow in",
    of: "case",
    holds: choice(flowBases),
    headings: ["flow in", "flow unit"],
  },
];
