import type { Mutant } from "./instrument.ts";

/** Result of a mutant. */
export interface Judged {
  readonly mutant: Mutant;
  /** A mutant that acts at load: only while its file is loaded, so that no test can see it. */
  readonly status: "killed" | "survived" | "not reached" | "in circles" | "at load";
}
