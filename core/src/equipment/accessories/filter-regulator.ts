import { z } from "zod";
import { makerHead, sizeHead, weightAndPrice } from "../drives/shared-schema.ts";
import { usesAir } from "../drives/supplies.ts";
import type { AccessoryKind } from "./kind.ts";
import { ofAir, standsAir } from "./shared.ts";

const item = z.strictObject({
  ...sizeHead,
  cv: z.number().positive(),
  filterUm: z.number().positive(),
  ...ofAir,
  ...weightAndPrice,
});
const schema = z.strictObject({
  ...makerHead,
  kind: z.literal("filter-regulator"),
  items: z.array(item).min(1),
});

/** Cleans the air of a drive and holds its pressure. */
export const filterRegulator: AccessoryKind<z.infer<typeof schema>> = {
  kind: "filter-regulator",
  schema,
  columns: ["cv", "filter_um", "maximum_air_bar_g"],
  electrical: () => false,
  wantedBy: ({ supply }, { duty }) =>
    usesAir(supply)
      ? { pieces: 1, says: "for the highest air pressure", refused: (item) => standsAir(item, duty) }
      : null,
};
