import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";
import type { DutySeen } from "../seen.ts";
import { flowDirections } from "../words.ts";

const holdsReverse = (duty: Pick<DutySeen, "cases">) =>
  duty.cases.some((c) => c.flow === "reverse" && c.mayBeShut && c.kind !== "fire");

export const flowDirection: AssumedField<"flowDirection", (typeof flowDirections)[number] | null> = {
  path: "flowDirection",
  label: "Flow direction",
  short: "pressure from",
  group: "task",
  ...choice(flowDirections),
  headings: ["flow direction", "direction", "pressure from"],
  means: ["direction", "flow direction"],
  written: {
    "one way": `
      uni, unidirectional, uni-directional, one-way, single direction, unidirectionnel, einseitig`,
    "both ways": `
      bi, bidirectional, bi-directional, both, two way, two-way, bidirectionnel, beidseitig, beidseits`,
  },
  why: "Unidirectional valves are ruled out if pressure can come from both sides.",
  // A case in which it must seal from the other side counts more than the word.
  settle: (duty) => (holdsReverse(duty) ? "both ways" : (duty.flowDirection ?? "both ways")),
  otherwise: () => ["one way"],
};
