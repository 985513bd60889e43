import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * Lines gained the trims that pass the flow. What the third version did not say stays not stated. Frozen: a later change
 * of the catalogue does not change what this step did.
 */
export const whatPassesTheFlow: VersionStep = {
  to: 4,
  says: "Product lines state their flow trims. If none are stated, typical figures are used as an estimate.",
  upcast: (catalogue) => ({
    ...catalogue,
    lines: ((catalogue.lines ?? []) as readonly Document[]).map((line) => ({ flowTrims: [], ...line })),
  }),
};
