import type { Document, VersionStep } from "../../../basis/versions/kind.ts";

/**
 * Points of a trim's curve gained the flow torque against closing. Values that the fourth version did not have stay not
 * stated. Frozen: later changes of the catalogue do not change this step.
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
