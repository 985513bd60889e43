import type { Document, VersionStep } from "../kind.ts";

const each = (list: unknown, change: (of: Document) => Document): Document[] =>
  ((list ?? []) as readonly Document[]).map(change);

/**
 * Seats gained how they meet the closure, sizes the height of a live-loaded packing. What the fifth version did not
 * say stays not stated. Frozen: a later change of the catalogue does not change what this step did.
 */
export const seatsAndLiveLoading: VersionStep = {
  to: 6,
  says: "Seats state how they meet the closure and may promise a class of IEC 60534-4; sizes state the height of a live-loaded packing; where nothing is stated nothing is taken for granted.",
  upcast: (catalogue) => ({
    ...catalogue,
    lines: each(catalogue.lines, (line) => ({
      ...line,
      seats: each(line.seats, (seat) => ({ execution: null, ...seat })),
      sizes: each(line.sizes, (size) => ({ liveLoading: null, ...size })),
    })),
  }),
};
