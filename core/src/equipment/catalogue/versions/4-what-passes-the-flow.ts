import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * Lines gained flow trims. Values that the third version did not have stay not stated. Frozen: later changes of the
 * catalogue do not change this step.
 */
export const whatPassesTheFlow: VersionStep = {
  to: 4,
  says: "Product lines state their flow trims. If none are stated, typical figures are used as an estimate.",
  upcast: (catalogue) => ({
    ...catalogue,
    lines: ((catalogue.lines ?? []) as readonly Document[]).map((line) => ({ flowTrims: [], ...line })),
  }),
};
