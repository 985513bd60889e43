import type { Mutant } from "./instrument.ts";

/** What became of a mutant. */
export interface Judged {
  readonly mutant: Mutant;
  /** At load: it acts only while its file is loaded, once for all, and no test run afterwards can see it. */
  readonly status: "killed" | "survived" | "not reached" | "in circles" | "at load";
}
