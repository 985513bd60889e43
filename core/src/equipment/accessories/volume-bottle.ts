import { z } from "zod";
import { makerHead, sizeHead, weightAndPrice } from "../drives/shared-schema.ts";
import { usesAir } from "../drives/supplies.ts";
import type { AccessoryKind } from "./kind.ts";
import { ofAir, standsAir } from "./shared.ts";

const item = z.strictObject({ ...sizeHead, litres: z.number().positive(), ...ofAir, ...weightAndPrice });
const schema = z.strictObject({
  ...makerHead,
  kind: z.literal("volume bottle"),
  items: z.array(item).min(1),
});

/** Keeps air behind a check valve for strokes after the supply is gone. */
export const volumeBottle: AccessoryKind<z.infer<typeof schema>> = {
  kind: "volume bottle",
  schema,
  columns: ["litres", "maximum_air_bar_g"],
  electrical: () => false,
  byStroke: true,
  standsBeside: true,
  wantedBy: ({ supply, sprung }, { duty }) =>
    usesAir(supply) && !sprung && duty.strokesInReserve > 0
      ? { pieces: 1, says: `for ${duty.strokesInReserve} strokes`, refused: (item) => standsAir(item, duty) }
      : null,
};
