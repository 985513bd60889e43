import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * Sizes gained the height a live-loaded packing is loaded to. What the sixth version did not say stays not stated.
 * Frozen: a later change of the catalogue does not change what this step did.
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
