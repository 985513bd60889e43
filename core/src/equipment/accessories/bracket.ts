import { z } from "zod";
import { makerHead, positive, sizeHead, text, weightAndPrice } from "../drives/shared-schema.ts";
import type { AccessoryKind } from "./kind.ts";

/** A bracket made in series: two plates and two legs, as one drawn for a valve and a drive. */
const bracketItem = z.strictObject({
  ...sizeHead,
  lowerFlange: text,
  upperFlange: text,
  heightMm: positive,
  plateWidthMm: positive,
  plateMm: positive,
  legMm: positive,
  /** Hole in both plates for what turns in it. */
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

/** What of it stands on a drive is for the joint to say. */
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
  wantedBy: () => null,
};
