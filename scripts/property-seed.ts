/**
 * Tries properties on the same cases in every check, so that only a change can make one fail. `PROPERTY_SEED=random`
 * tries others, and any number repeats a run.
 */
import fc from "fast-check";

const asked = process.env.PROPERTY_SEED ?? "4180";
if (asked !== "random") fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: Number(asked) });
