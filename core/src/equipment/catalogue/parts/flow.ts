import { flowSetOf } from "../../trims/flow-set.ts";
import { valvePart } from "./part.ts";

/** Flow trims that can be ordered with the closing member. */
export const flow = valvePart("flow", "trim", flowSetOf);
