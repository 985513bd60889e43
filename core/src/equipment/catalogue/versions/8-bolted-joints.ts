import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * Sizes gained the bolting of their pressure joints. Values that the seventh version did not have stay not stated.
 * Frozen: later changes of the catalogue do not change this step.
 */
export const boltedJointsStated: VersionStep = {
  to: 8,
  says: "Sizes state the bolting of their pressure joints. If it is not stated, use the maker's drawing.",
  upcast: (catalogue) => ({
    ...catalogue,
    lines: ((catalogue.lines ?? []) as readonly Document[]).map((line) => ({
      ...line,
      sizes: ((line.sizes ?? []) as readonly Document[]).map((size) => ({ joints: [], ...size })),
    })),
  }),
};
