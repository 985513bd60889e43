import { torqueKnown } from "./torque-known.ts";

export const torqueRules = [torqueKnown];
