import { tableAndMechanics } from "./table-and-mechanics.ts";
import { torqueKnown } from "./torque-known.ts";

export const torqueRules = [torqueKnown, tableAndMechanics];
