import { z } from "zod";
import type { Action } from "../../basis/calc/actuator-margin.ts";
import { rackAndPinionOutput } from "../../basis/calc/rack-and-pinion-output.ts";
import { outputProfile } from "../../basis/stroke/named-points.ts";
import { airAt, airRating, suppliedWithAir } from "./by-air.ts";
import type { Drive, DriveKind } from "./kind.ts";
import { familyHead, positive, sizeHead, sizeTail } from "./shared-schema.ts";
import { drivesWithSprings, type SpringSet, springSets } from "./with-springs.ts";

const schema = z.strictObject({
  ...familyHead,
  kind: z.literal("rack-and-pinion"),
  maximumAirBarG: positive,
  sizes: z
    .array(
      z.strictObject({
        ...sizeHead,
        pistonDiameterMm: positive,
        pistonCount: z.number().int().positive(),
        pinionPitchRadiusMm: positive,
        efficiency: z.number().positive().max(1),
        springSets,
        ...sizeTail,
      }),
    )
    .min(1),
});
type Family = z.infer<typeof schema>;

function drivesOfSize(family: Family, size: Family["sizes"][number]): Drive[] {
  const { pistonDiameterMm, pistonCount, pinionPitchRadiusMm, efficiency } = size;
  const cylinder = { pistonDiameterMm, pistonCount, pinionPitchRadiusMm, efficiency };
  const output =
    (action: Action, set?: SpringSet): Drive["outputAt"] =>
    (supplies, end) =>
      outputProfile(
        rackAndPinionOutput({
          ...cylinder,
          airBarG: airAt(supplies, end),
          ...(set && { springPreloadN: set.preloadN, springRateNPerMm: set.rateNPerMm }),
        }),
        action,
      );
  return drivesWithSprings(family, size, output);
}

/** Air on pistons, racks on a pinion: each size double-acting and with each spring set both ways. */
export const rackAndPinion: DriveKind<Family> = {
  kind: "rack-and-pinion",
  supply: "pneumatic",
  schema,
  columns: {
    family: ["maximum_air_bar_g"],
    size: ["piston_diameter_mm", "piston_count", "pinion_pitch_radius_mm", "efficiency"],
  },
  sprung: true,
  drivesOf: (family) => family.sizes.flatMap((size) => drivesOfSize(family, size)),
  pressureRating: airRating,
  suppliedAt: suppliedWithAir,
  faultsOf: () => [],
};
