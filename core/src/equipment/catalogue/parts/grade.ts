import { valvePart } from "./part.ts";

/** Material grade of the body. */
export const grade = valvePart("grade", "grade", (valve) => valve.grade);
