import type { Duty } from "../../statement/duty.ts";

/** Whether a drive of the duty may use air. */
export const usesAir = ({ operator }: Duty): boolean =>
  operator === null || operator === "pneumatic" || operator === "any";

/** Whether something turns the valve that may lose its supply. */
export const hasSupply = ({ operator }: Duty): boolean => operator !== "bare stem" && operator !== "by hand";
