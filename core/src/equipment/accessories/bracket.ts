import { z } from "zod";
import { makerHead, positive, sizeHead, text, weightAndPrice } from "../drives/shared-schema.ts";
import type { AccessoryKind } from "./kind.ts";

/** A standard bracket: two plates and two legs, like one made to order. */
const bracketItem = z.strictObject({
  ...sizeHead,
  lowerFlange: text,
  upperFlange: text,
  heightMm: positive,
  plateWidthMm: positive,
  plateMm: positive,
  legMm: positive,
  /** Hole in both plates for the coupling. */
  middleMm: positive,
  /** About the stem, as its maker rates it. */
  ratedTorqueNm: positive,
  ...weightAndPrice,
});
const schema = z.strictObject({
  ...makerHead,
  kind: z.literal("bracket"),
  items: z.array(bracketItem).min(1),
});

/** Whether it is used is decided by the joint. */
export const bracket: AccessoryKind<z.infer<typeof schema>> = {
  kind: "bracket",
  schema,
  columns: [
    "lower_flange$",
    "upper_flange$",
    "height_mm",
    "plate_width_mm",
    "plate_mm",
    "leg_mm",
    "middle_mm",
    "rated_torque_nm",
  ],
  electrical: () => false,
  ofSteel: true,
  wantedBy: () => null,
};
