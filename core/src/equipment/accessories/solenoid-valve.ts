import { z } from "zod";
import { coilVoltages } from "../../basis/vocabulary/utilities.ts";
import { makerHead, sizeHead, weightAndPrice } from "../drives/shared-schema.ts";
import { usesAir } from "../drives/supplies.ts";
import type { AccessoryKind } from "./kind.ts";
import { ofAir, standsAir } from "./shared.ts";
import { solenoidsOf } from "./solenoid-arrangement.ts";

const item = z.strictObject({
  ...sizeHead,
  // A spreadsheet makes a date of 5/2 alone.
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
    // A positioner leads the air of a valve that only throttles; one that must also go safe has both.
    const onlyThrottles = duty.function.has("throttling") && !duty.function.has("emergency shut-down");
    if (onlyThrottles) return null;
    const breathesClean = house.springSideAir === "clean air from the drive";
    const ways = !sprung || breathesClean ? "5/2-way" : "3/2-way";
    return {
      pieces: solenoidsOf[duty.solenoids].valves,
      says: `${ways}, ${duty.coilVoltage}`,
      refused: (one) =>
        one.function !== ways
          ? { why: `is ${one.function}`, unknown: false }
          : one.coil !== duty.coilVoltage
            ? { why: `is for ${one.coil}`, unknown: false }
            : standsAir(one, duty),
    };
  },
};
