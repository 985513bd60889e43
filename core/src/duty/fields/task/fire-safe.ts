import type { AssumedField } from "../field.ts";
import { yesNo } from "../holds.ts";

export const fireSafe: AssumedField<"fireSafe", boolean | null> = {
  path: "fireSafe",
  label: "Fire-safe",
  group: "task",
  ...yesNo(),
  headings: ["fire-safe", "fire safe", "fire tested"],
  means: ["safe", "fire safe", "fire", "fire test"],
  why: "Rules out seats without a metal back-up seat.",
  assumed: "not asked",
  settle: (duty) => duty.fireSafe ?? false,
  otherwise: () => [true],
};
