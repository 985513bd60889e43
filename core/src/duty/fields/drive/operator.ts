import { operators } from "../../words.ts";
import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";

export const operator: AssumedField<"operator", (typeof operators)[number] | null> = {
  path: "operator",
  label: "Operator",
  group: "drive",
  ...choice(operators),
  headings: ["operator", "actuator", "drive"],
  why: "Decides which drives are offered.",
  assumed: "pneumatic or electric",
  settle: (duty) => duty.operator ?? "any",
  otherwise: (duty) => [{ ...duty, operator: "electric" }],
};
