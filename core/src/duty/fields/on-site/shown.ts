import type { DutySeen } from "../seen.ts";

/** Asked of a valve that stands already, and of no other. */
export const ofValveOnSite = ({ onSite }: Pick<DutySeen, "onSite">): boolean => onSite === true;
