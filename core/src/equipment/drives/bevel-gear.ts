import { z } from "zod";
import { suppliedByHand } from "./by-hand.ts";
import { gearColumns, gearDimensions, geared } from "./gear.ts";
import type { DriveKind } from "./kind.ts";
import { familyHead, sizeHead, sizeTail, thrust, thrustColumn } from "./shared-schema.ts";

const schema = z.strictObject({
  ...familyHead,
  kind: z.literal("bevel gear"),
  selfLocking: z.boolean().nullable().default(null),
  sizes: z.array(z.strictObject({ ...sizeHead, ...gearDimensions, ...thrust, ...sizeTail })).min(1),
});
type Family = z.infer<typeof schema>;

/** A bevel gear with a handwheel on the nut of a rising stem; its turns are those of the stem times the ratio. */
export const bevelGear: DriveKind<Family> = {
  kind: "bevel gear",
  supply: "by hand",
  turns: "rising stem",
  schema,
  columns: { family: ["self_locking?"], size: [...gearColumns, thrustColumn] },
  sprung: false,
  drivesOf: (family) => family.sizes.map((size) => geared(family, size, null)),
  suppliedAt: suppliedByHand,
  faultsOf: () => [],
};
