import { bodyRules } from "./body/index.ts";
import { driveRules } from "./drive/index.ts";
import { dutyRules } from "./duty/index.ts";
import { envelopeRules } from "./envelope/index.ts";
import { fitUpRules } from "./fit-up/index.ts";
import { flowRules } from "./flow/index.ts";
import type { Rule } from "./rule.ts";
import { torqueRules } from "./torque/index.ts";

/** Every rule, in the order of the work. */
export const rules: readonly Rule[] = [
  ...dutyRules,
  ...bodyRules,
  ...envelopeRules,
  ...flowRules,
  ...torqueRules,
  ...driveRules,
  ...fitUpRules,
];

export { seatLoad } from "./envelope/seat-load.ts";
export * from "./figures.ts";
export * from "./finding.ts";
export * from "./found.ts";
export type { Judged } from "./judged.ts";
export * from "./limits/index.ts";
export * from "./outcome.ts";
export * from "./rule.ts";
