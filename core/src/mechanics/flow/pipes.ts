import type { TrimAtOpening } from "../../equipment/trims/trim.ts";

/** The valve between its pipes, mm. */
export interface Pipes {
  readonly valveMm: number;
  readonly pipeMm: number;
}

/** What trims pass of one stream, as a share of its own flow. */
export interface Passing {
  readonly share: (at: TrimAtOpening) => number;
  readonly choked: (at: TrimAtOpening) => boolean;
}
