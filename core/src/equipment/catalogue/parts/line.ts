import { valvePart } from "./part.ts";

/** A maker's product line: construction, ends, promises. */
export const line = valvePart("line", "size", (valve) => valve.line);
