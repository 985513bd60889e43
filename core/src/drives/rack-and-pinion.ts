import { z } from "zod";
import { rackAndPinionOutput } from "../calc/rack-and-pinion-output.ts";
import type { Drive, DriveKind } from "./kind.ts";
import { familyHead, positive, sizeHead, sizeTail, text } from "./shared-schema.ts";

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
        springSets: z.array(
          z.strictObject({ id: text, preloadN: positive, rateNPerMm: positive, price: z.number().min(0) }),
        ),
        ...sizeTail,
      }),
    )
    .min(1),
});
type Family = z.infer<typeof schema>;

function drivesOfSize(family: Family, size: Family["sizes"][number]): Drive[] {
  const { pistonDiameterMm, pistonCount, pinionPitchRadiusMm, efficiency } = size;
  const cylinder = { pistonDiameterMm, pistonCount, pinionPitchRadiusMm, efficiency };
  const base = { family, sizeId: size.id, flange: size.flange, weightKg: size.weightKg };
  const plain = (airBarG: number) => rackAndPinionOutput({ ...cylinder, airBarG });
  const doubleActing: Drive = {
    ...base,
    key: `${family.id}|${size.id}|DA`,
    action: "double-acting",
    onSupplyLoss: "stays",
    springSet: null,
    variant: "DA",
    price: size.price,
    outputAt: plain,
    outputAtMaximum: plain,
  };
  const sprung = size.springSets.flatMap((set): Drive[] => {
    const output = (airBarG: number) =>
      rackAndPinionOutput({
        ...cylinder,
        airBarG,
        springPreloadN: set.preloadN,
        springRateNPerMm: set.rateNPerMm,
      });
    const either = {
      ...base,
      springSet: set.id,
      variant: set.id,
      price: size.price + set.price,
      outputAt: output,
      outputAtMaximum: output,
    };
    const key = `${family.id}|${size.id}|${set.id}`;
    return [
      { ...either, key: `${key}|closes`, action: "spring-to-close", onSupplyLoss: "closes" },
      { ...either, key: `${key}|opens`, action: "spring-to-open", onSupplyLoss: "opens" },
    ];
  });
  return [doubleActing, ...sprung];
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
  maximumAirBarG: (family) => family.maximumAirBarG,
  suppliedAt: (duty, end) => {
    const [what, path] =
      end === "lowest"
        ? (["lowest air supply", "airMinimumBarG"] as const)
        : (["highest air supply", "airMaximumBarG"] as const);
    const origin = duty.stated[path] === null ? "assumed" : "entered";
    return { what, value: duty[path], unit: "bar g", origin };
  },
  faultsOf: () => [],
};
