/**
 * How long properties, fuzz and rounds of faults run. The check tries a short seed of each; `npm run nightly` sets
 * EFFORT=nightly and tries far more.
 */
export const isNight = process.env.EFFORT === "nightly";

/** Number of tries in the check, or at night. */
export const tries = (inCheck: number, atNight: number): number => (isNight ? atNight : inCheck);
