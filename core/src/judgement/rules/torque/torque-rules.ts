import { factorSetAside } from "./factor-set-aside.ts";
import { flowTorque } from "./flow-torque.ts";
import { tableAndMechanics } from "./table-and-mechanics.ts";
import { torqueKnown } from "./torque-known.ts";

export const torqueRules = [torqueKnown, tableAndMechanics, flowTorque, factorSetAside];
