import { z } from "zod";
import { steady } from "../../basis/stroke/profile.ts";
import { airAt, airRating, suppliedWithAir } from "./by-air.ts";
import type { DriveKind } from "./kind.ts";
import { familyHead, positive, sizeHead, sizeTail } from "./shared-schema.ts";
import { staying } from "./staying.ts";

const schema = z.strictObject({
  ...familyHead,
  kind: z.literal("vane"),
  maximumAirBarG: positive,
  sizes: z
    .array(
      z.strictObject({
        ...sizeHead,
        vaneHeightMm: positive,
        vaneOuterRadiusMm: positive,
        vaneInnerRadiusMm: positive,
        efficiency: z.number().positive().max(1),
        ...sizeTail,
      }),
    )
    .min(1),
});
type Family = z.infer<typeof schema>;

/** Air on a vane: pressure times area times the radius of its middle, the same over the stroke. */
export const vane: DriveKind<Family> = {
  kind: "vane",
  supply: "pneumatic",
  schema,
  columns: {
    family: ["maximum_air_bar_g"],
    size: ["vane_height_mm", "vane_outer_radius_mm", "vane_inner_radius_mm", "efficiency"],
  },
  sprung: false,
  drivesOf: (family) =>
    family.sizes.map((size) => {
      const { vaneHeightMm: h, vaneOuterRadiusMm: outer, vaneInnerRadiusMm: inner } = size;
      const perBarNm = (size.efficiency * 0.1 * h * (outer - inner) * (outer + inner)) / 2 / 1000;
      return staying(family, size, (supplies, end) => steady(perBarNm * airAt(supplies, end)), "DA");
    }),
  pressureRating: airRating,
  suppliedAt: suppliedWithAir,
  faultsOf: ({ vaneOuterRadiusMm, vaneInnerRadiusMm }) =>
    vaneInnerRadiusMm >= vaneOuterRadiusMm
      ? [{ field: "vaneInnerRadiusMm", reason: "the hub leaves no vane area for the pressure" }]
      : [],
};
