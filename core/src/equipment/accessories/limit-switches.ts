import { z } from "zod";
import { makerHead, sizeHead, weightAndPrice } from "../drives/shared-schema.ts";
import { hasMotor } from "../drives/supplies.ts";
import type { AccessoryKind } from "./kind.ts";

const item = z.strictObject({
  ...sizeHead,
  switches: z.number().int().positive(),
  ...weightAndPrice,
});
const schema = z.strictObject({
  ...makerHead,
  kind: z.literal("limit switches"),
  items: z.array(item).min(1),
});

/** Tells a control room that a valve is open, and that it is shut. */
export const limitSwitches: AccessoryKind<z.infer<typeof schema>> = {
  kind: "limit switches",
  schema,
  columns: ["switches"],
  electrical: () => true,
  wantedBy: ({ supply }, { duty }) =>
    // A motor has its own.
    duty.stated.limitSwitches !== true || hasMotor(supply)
      ? null
      : {
          pieces: 1,
          says: "open and closed",
          refused: ({ switches }) =>
            switches >= 2 ? null : { why: `has ${switches} switch`, unknown: false },
        },
};
