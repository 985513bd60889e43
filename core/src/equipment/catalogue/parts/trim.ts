import { valvePart } from "./part.ts";

/** Ball, stem, springs and coating, as a line offers them in a set. */
export const trim = valvePart("trim", "trim", (valve) => valve.trim, ["line", "flow"]);
