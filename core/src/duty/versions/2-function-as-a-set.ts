import type { VersionStep } from "../../basis/versions/kind.ts";

/** A valve may have to do several things at once: emergency shut-down and double isolation, say. */
export const functionAsASet: VersionStep = {
  to: 2,
  says: "The function of a valve is a set of words instead of one.",
  upcast: (duty) => ({
    ...duty,
    function: typeof duty.function === "string" ? [duty.function] : (duty.function ?? null),
  }),
};
