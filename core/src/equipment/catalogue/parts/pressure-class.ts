import { valvePart } from "./part.ts";

/** Class or PN. */
export const pressureClass = valvePart("class", "size", (valve) => valve.size.designation);
