import { speedAccessory } from "./by-stroke.ts";

/** Lets air out at the drive and not through tube and solenoid valve. */
export const quickExhaust = speedAccessory("quick exhaust");
