import { z } from "zod";
import { suppliedByHand } from "./by-hand.ts";
import { gearColumns, gearDimensions, geared } from "./gear.ts";
import type { DriveKind } from "./kind.ts";
import { familyHead, sizeHead, sizeTail } from "./shared-schema.ts";

const schema = z.strictObject({
  ...familyHead,
  kind: z.literal("handwheel gearbox"),
  selfLocking: z.boolean().nullable().default(null),
  sizes: z.array(z.strictObject({ ...sizeHead, ...gearDimensions, ...sizeTail })).min(1),
});
type Family = z.infer<typeof schema>;

/** A worm gear with a handwheel on a quarter turn. */
export const handwheelGearbox: DriveKind<Family> = {
  kind: "handwheel gearbox",
  supply: "by hand",
  schema,
  columns: { family: ["self_locking?"], size: gearColumns },
  sprung: false,
  drivesOf: (family) => family.sizes.map((size) => geared(family, size, size.gearRatio / 4)),
  suppliedAt: suppliedByHand,
  faultsOf: () => [],
};
