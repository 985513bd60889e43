import { bodyRules } from "./body/body-rules.ts";
import { driveRules } from "./drive/drive-rules.ts";
import { dutyRules } from "./duty/duty-rules.ts";
import { envelopeRules } from "./envelope/envelope-rules.ts";
import { fitUpRules } from "./fit-up/fit-up-rules.ts";
import { flowRules } from "./flow/flow-rules.ts";
import type { Rule } from "./rule.ts";
import { torqueRules } from "./torque/torque-rules.ts";

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
