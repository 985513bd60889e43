import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * Seats gained how they meet the closure. What the fifth version did not say stays not stated.
 * Frozen: a later change of the catalogue does not change what this step did.
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
