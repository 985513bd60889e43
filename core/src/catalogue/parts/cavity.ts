import { valvePart } from "./part.ts";

/** Arrangement of seats and cavity. */
export const cavity = valvePart("cavity", (valve) => valve.cavity);
