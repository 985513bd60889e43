import { z } from "zod";
import { makerHead, sizeHead, weightAndPrice } from "../drives/shared-schema.ts";
import { usesAir } from "../drives/supplies.ts";
import type { AccessoryKind } from "./kind.ts";
import { ofAir, standsAir } from "./shared.ts";

const item = z.strictObject({
  ...sizeHead,
  /** Share of undetected failures that its test finds, %, from its certificate. */
  findsPercent: z.number().positive().max(95),
  ...ofAir,
  ...weightAndPrice,
});
const schema = z.strictObject({
  ...makerHead,
  kind: z.literal("partial-stroke device"),
  items: z.array(item).min(1),
});

/** Moves a valve slightly and back, and reports whether it moved. */
export const partialStrokeDevice: AccessoryKind<z.infer<typeof schema>> = {
  kind: "partial-stroke device",
  schema,
  columns: ["finds_percent", "maximum_air_bar_g"],
  electrical: () => true,
  wantedBy: ({ supply }, { duty }) =>
    usesAir(supply) && duty.partialStrokeMonths > 0
      ? {
          pieces: 1,
          says: `every ${duty.partialStrokeMonths} months`,
          refused: (item) => standsAir(item, duty),
        }
      : null,
};
