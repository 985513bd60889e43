/**
 * How long properties, fuzz and rounds of faults look. The check tries a short seed of each; `npm run nightly` sets
 * EFFORT=nightly and looks far longer.
 */
export const isNight = process.env.EFFORT === "nightly";

/** As many tries as the check has time for, or as the night has. */
export const tries = (inCheck: number, atNight: number): number => (isNight ? atNight : inCheck);
