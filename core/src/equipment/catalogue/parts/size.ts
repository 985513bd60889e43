import { valvePart } from "./part.ts";

/** A line at one nominal size and class: dimensions, stem, mounting pad, torque table. */
export const size = valvePart("size", "size", (valve) => valve.size, ["line", "class"]);
