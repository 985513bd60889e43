import { z } from "zod";
import { makerHead, positive, sizeHead, weightAndPrice } from "../drives/shared-schema.ts";
import { usesAir } from "../drives/supplies.ts";
import type { AccessoryKind } from "./kind.ts";

const item = z.strictObject({ ...sizeHead, filterUm: positive, ...weightAndPrice });
const schema = z.strictObject({ ...makerHead, kind: z.literal("breather"), items: z.array(item).min(1) });

/** Keeps dust out of spring chambers that breathe ambient air. */
export const breather: AccessoryKind<z.infer<typeof schema>> = {
  kind: "breather",
  schema,
  columns: ["filter_um"],
  electrical: () => false,
  wantedBy: ({ supply, sprung }, { house }) =>
    usesAir(supply) && sprung && house.springSideAir === "plant air"
      ? { pieces: 1, says: "at the spring chamber", refused: () => null }
      : null,
};
