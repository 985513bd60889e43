import { z } from "zod";
import { suppliedByHand, turnedByHand } from "./by-hand.ts";
import type { DriveKind } from "./kind.ts";
import { familyHead, positive, sizeHead, sizeTail } from "./shared-schema.ts";

const schema = z.strictObject({
  ...familyHead,
  kind: z.literal("lever"),
  lockable: z.boolean().nullable().default(null),
  sizes: z.array(z.strictObject({ ...sizeHead, leverLengthMm: positive, ...sizeTail })).min(1),
});
type Family = z.infer<typeof schema>;

/** A lever in line with the bore: force of a hand times its length. */
export const lever: DriveKind<Family> = {
  kind: "lever",
  supply: "by hand",
  schema,
  columns: { family: ["lockable?"], size: ["lever_length_mm"] },
  sits: "on the stem",
  sprung: false,
  drivesOf: (family) =>
    family.sizes.map((size) => ({
      ...turnedByHand(family, size, size.leverLengthMm / 1000),
      leverMm: size.leverLengthMm,
    })),
  suppliedAt: suppliedByHand,
  faultsOf: () => [],
};
