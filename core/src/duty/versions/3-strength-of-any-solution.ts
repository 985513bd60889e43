import type { VersionStep } from "../../basis/versions/kind.ts";

type Stored = Readonly<Record<string, unknown>> | null | undefined;

/** Acids have a strength too, not only caustic. */
export const strengthOfAnySolution: VersionStep = {
  to: 3,
  says: "The strength of caustic is the strength of any solution.",
  upcast: (duty) => {
    const fluid = duty.fluid as Stored;
    if (!fluid || !("causticPercent" in fluid)) return duty;
    const { causticPercent, ...rest } = fluid;
    return { ...duty, fluid: { ...rest, strengthPercent: causticPercent } };
  },
};
