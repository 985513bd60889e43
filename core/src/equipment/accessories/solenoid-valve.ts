import { z } from "zod";
import { coilVoltages } from "../../basis/vocabulary/utilities.ts";
import { makerHead, sizeHead, weightAndPrice } from "../drives/shared-schema.ts";
import { usesAir } from "../drives/supplies.ts";
import type { AccessoryKind } from "./kind.ts";
import { ofAir, standsAir } from "./shared.ts";
import { solenoidsOf } from "./solenoid-arrangement.ts";

const item = z.strictObject({
  ...sizeHead,
  // A spreadsheet turns a bare 5/2 into a date.
  function: z.enum(["3/2-way", "5/2-way"]),
  coil: z.enum(coilVoltages),
  cv: z.number().positive(),
  ...ofAir,
  /** A button that moves it without current. */
  handButton: z.boolean(),
  ...weightAndPrice,
});
const schema = z.strictObject({
  ...makerHead,
  kind: z.literal("solenoid valve"),
  items: z.array(item).min(1),
});

/** Lets air to a drive and away from it, by current. */
export const solenoidValve: AccessoryKind<z.infer<typeof schema>> = {
  kind: "solenoid valve",
  schema,
  columns: ["function$", "coil$", "cv", "maximum_air_bar_g", "hand_button?"],
  electrical: () => true,
  wantedBy: ({ supply, sprung }, { duty, house }) => {
    if (!usesAir(supply)) return null;
    // A positioner supplies the air of a control valve; a valve with a fail-safe function has both.
    const onlyThrottles = duty.function.has("throttling") && !duty.function.has("emergency shut-down");
    if (onlyThrottles) return null;
    const breathesClean = house.springSideAir === "clean air from the drive";
    const ways = !sprung || breathesClean ? "5/2-way" : "3/2-way";
    return {
      pieces: solenoidsOf[duty.solenoids].valves,
      says: `${ways}, ${duty.coilVoltage}`,
      refused: (item) =>
        item.function !== ways
          ? { why: `is ${item.function}`, unknown: false }
          : item.coil !== duty.coilVoltage
            ? { why: `is for ${item.coil}`, unknown: false }
            : standsAir(item, duty),
    };
  },
};
