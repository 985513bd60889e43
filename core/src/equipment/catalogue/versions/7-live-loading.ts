import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * Sizes gained the loaded height of a live-loaded packing. Values that the sixth version did not have stay not stated.
 * Frozen: later changes of the catalogue do not change this step.
 */
export const liveLoadedPacking: VersionStep = {
  to: 7,
  says: "Sizes state the height of live-loading springs. If none is stated, use the maker's drawing.",
  upcast: (catalogue) => ({
    ...catalogue,
    lines: ((catalogue.lines ?? []) as readonly Document[]).map((line) => ({
      ...line,
      sizes: ((line.sizes ?? []) as readonly Document[]).map((size) => ({ liveLoading: null, ...size })),
    })),
  }),
};
