import type { TrimAtOpening } from "../../equipment/trims/trim.ts";

/** The valve between its pipes, mm. */
export interface Pipes {
  readonly valveMm: number;
  readonly pipeMm: number;
}

/** Flow of one stream through trims, as a multiple of its own flow. */
export interface Passing {
  readonly share: (trimPoint: TrimAtOpening) => number;
  readonly choked: (trimPoint: TrimAtOpening) => boolean;
}
