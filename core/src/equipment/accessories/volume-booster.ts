import { speedAccessory } from "./by-stroke.ts";

/** Passes much air at a small signal, in and out. */
export const volumeBooster = speedAccessory("volume booster");
