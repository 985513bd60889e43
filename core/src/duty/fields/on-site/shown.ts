import type { Duty } from "../../statement/duty.ts";

/** Asked of a valve that stands already, and of no other. */
export const ofValveOnSite = ({ onSite }: Pick<Duty, "onSite">): boolean => onSite === true;
