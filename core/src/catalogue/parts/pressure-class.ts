import { valvePart } from "./part.ts";

/** Class or PN. */
export const pressureClass = valvePart("class", (valve) => valve.size.designation);
