import { z } from "zod";
import { controlSignals } from "../../basis/vocabulary/utilities.ts";
import { makerHead, sizeHead, weightAndPrice } from "../drives/shared-schema.ts";
import { usesAir } from "../drives/supplies.ts";
import type { AccessoryKind } from "./kind.ts";
import { ofAir, standsAir } from "./shared.ts";

const item = z.strictObject({
  ...sizeHead,
  signal: z.enum(controlSignals),
  acts: z.enum(["one side", "both sides"]),
  cv: z.number().positive(),
  /** Least step it makes, % of the stroke. */
  resolutionPercent: z.number().positive().max(10),
  ...ofAir,
  ...weightAndPrice,
});
const schema = z.strictObject({
  ...makerHead,
  kind: z.literal("positioner"),
  items: z.array(item).min(1),
});

/** Sets a drive on air to where a signal asks. */
export const positioner: AccessoryKind<z.infer<typeof schema>> = {
  kind: "positioner",
  schema,
  columns: ["signal$", "acts$", "cv", "resolution_percent", "maximum_air_bar_g"],
  // A pneumatic signal has no voltage.
  electrical: ({ signal }) => signal !== "0.2–1 bar",
  wantedBy: ({ supply, sprung }, { duty }) => {
    if (!usesAir(supply) || !duty.function.has("throttling")) return null;
    const acts = sprung ? "one side" : "both sides";
    return {
      pieces: 1,
      says: `${duty.controlSignal}, air on ${acts}`,
      refused: (item) =>
        item.signal !== duty.controlSignal
          ? { why: `is for signal ${item.signal}`, unknown: false }
          : item.acts !== acts
            ? { why: `is for ${item.acts}`, unknown: false }
            : standsAir(item, duty),
    };
  },
};
