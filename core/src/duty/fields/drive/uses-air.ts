import type { Duty } from "../../duty.ts";

/** Whether a drive of the duty may use air. */
export const usesAir = ({ operator }: Duty): boolean => operator !== "electric" && operator !== "bare stem";
