import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * Points of a trim's curve gained what closing must overcome. What the fourth version did not say stays not stated.
 * Frozen: a later change of the catalogue does not change what this step did.
 */
export const whatFlowPushesOpen: VersionStep = {
  to: 5,
  says: "Trim curves state the dynamic torque against closing. If it is not stated, typical figures are used as an estimate.",
  upcast: (catalogue) => ({
    ...catalogue,
    lines: ((catalogue.lines ?? []) as readonly Document[]).map((line) => ({
      ...line,
      flowTrims: ((line.flowTrims ?? []) as readonly Document[]).map((trim) => ({
        ...trim,
        curve: ((trim.curve ?? []) as readonly Document[]).map((point) => ({
          closingTorque: null,
          ...point,
        })),
      })),
    })),
  }),
};
