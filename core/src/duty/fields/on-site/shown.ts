import type { DutySeen } from "../seen.ts";

/** For installed valves only. */
export const ofValveOnSite = ({ onSite }: Pick<DutySeen, "onSite">): boolean => onSite === true;
