import type { DutySeen } from "../seen.ts";

/** Whether a drive of the duty may use air. */
export const usesAir = ({ operator }: Pick<DutySeen, "operator">): boolean =>
  operator === null || operator === "pneumatic" || operator === "any";

/** Whether something turns the valve that may lose its supply. */
export const hasSupply = ({ operator }: Pick<DutySeen, "operator">): boolean =>
  operator !== "bare stem" && operator !== "by hand";
