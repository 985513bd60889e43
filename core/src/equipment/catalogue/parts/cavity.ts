import { valvePart } from "./part.ts";

/** Arrangement of seats and cavity. */
export const cavity = valvePart("cavity", "cavity", (valve) => valve.cavity);
