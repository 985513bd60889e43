import type { SolenoidArrangement } from "../../basis/vocabulary/utilities.ts";

/** How many of them each arrangement has, and how many air meets one after the other on its way in and out. */
export const solenoidsOf: Readonly<
  Record<SolenoidArrangement, { readonly valves: number; readonly inlet: number; readonly outlet: number }>
> = {
  single: { valves: 1, inlet: 1, outlet: 1 },
  // Any of two lets go: air comes in through both, and leaves by one.
  "1oo2": { valves: 2, inlet: 2, outlet: 1 },
  "2oo2": { valves: 2, inlet: 1, outlet: 2 },
  "2oo3": { valves: 3, inlet: 2, outlet: 2 },
};
