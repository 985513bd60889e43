import type { SolenoidArrangement } from "../../basis/vocabulary/utilities.ts";

/** How many valves each arrangement has, and how many are in series on the way in and on the way out. */
export const solenoidsOf: Readonly<
  Record<SolenoidArrangement, { readonly valves: number; readonly inlet: number; readonly outlet: number }>
> = {
  single: { valves: 1, inlet: 1, outlet: 1 },
  // One out of two trips: air comes in through both, and leaves through either.
  "1oo2": { valves: 2, inlet: 2, outlet: 1 },
  "2oo2": { valves: 2, inlet: 1, outlet: 2 },
  "2oo3": { valves: 3, inlet: 2, outlet: 2 },
};
