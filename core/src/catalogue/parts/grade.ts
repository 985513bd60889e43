import { valvePart } from "./part.ts";

/** Material grade of the body. */
export const grade = valvePart("grade", (valve) => valve.grade);
