import { flowDirections } from "../../words.ts";
import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";

export const flowDirection: AssumedField<"flowDirection", (typeof flowDirections)[number] | null> = {
  path: "flowDirection",
  label: "Flow direction",
  short: "pressure from",
  group: "task",
  ...choice(flowDirections),
  headings: ["flow direction", "direction", "pressure from"],
  why: "One-way valves fall where pressure can come from both sides.",
  settle: (duty) => duty.flowDirection ?? "both ways",
  otherwise: (duty) => [{ ...duty, flowDirection: "one way" }],
};
