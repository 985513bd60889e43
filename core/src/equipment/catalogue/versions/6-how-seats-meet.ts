import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * Seats gained their contact with the closure. Values that the fifth version did not have stay not stated. Frozen:
 * later changes of the catalogue do not change this step.
 */
export const howSeatsMeet: VersionStep = {
  to: 6,
  says: "Seats state their contact with the closing member and can state a class of IEC 60534-4. Values not stated count as not known.",
  upcast: (catalogue) => ({
    ...catalogue,
    lines: ((catalogue.lines ?? []) as readonly Document[]).map((line) => ({
      ...line,
      seats: ((line.seats ?? []) as readonly Document[]).map((seat) => ({ execution: null, ...seat })),
    })),
  }),
};
