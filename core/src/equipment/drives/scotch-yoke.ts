import { z } from "zod";
import { airAt, airRating, suppliedWithAir } from "./by-air.ts";
import type { DriveKind } from "./kind.ts";
import { familyHead, positive, sizeHead, sizeTail } from "./shared-schema.ts";
import { drivesWithSprings, springSets } from "./with-springs.ts";
import { yokeColumns, yokeDimensions, yokeFaults, yokeProfile } from "./yoke.ts";

const schema = z.strictObject({
  ...familyHead,
  kind: z.literal("scotch yoke"),
  maximumAirBarG: positive,
  sizes: z.array(z.strictObject({ ...sizeHead, ...yokeDimensions, springSets, ...sizeTail })).min(1),
});
type Family = z.infer<typeof schema>;

/** Air on a piston, its rod's pin in the slot of a yoke: strong at the ends, or canted, at the beginning. */
export const scotchYoke: DriveKind<Family> = {
  kind: "scotch yoke",
  supply: "pneumatic",
  schema,
  columns: { family: ["maximum_air_bar_g"], size: yokeColumns },
  sprung: true,
  drivesOf: (family) =>
    family.sizes.flatMap((size) =>
      drivesWithSprings(
        family,
        size,
        (action, set) => (supplies, end) => yokeProfile(size, airAt(supplies, end), action, set),
      ),
    ),
  pressureRating: airRating,
  suppliedAt: suppliedWithAir,
  faultsOf: yokeFaults,
};
