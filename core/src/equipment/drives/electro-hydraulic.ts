import { z } from "zod";
import { scotchYokeAt } from "../../basis/calc/scotch-yoke-output.ts";
import { motorColumns, motorHead, startingCurrent, startingCurrentColumn } from "./by-motor.ts";
import type { DriveKind } from "./kind.ts";
import { positive, sizeHead, sizeTail } from "./shared-schema.ts";
import { drivesWithSprings, springSets } from "./with-springs.ts";
import { yokeColumns, yokeDimensions, yokeFaults, yokeProfile } from "./yoke.ts";

const schema = z.strictObject({
  ...motorHead,
  kind: z.literal("electro-hydraulic"),
  /** Pressure at which its pump starts again, and at which it stops. */
  pumpStartsBarG: positive,
  pumpStopsBarG: positive,
  sizes: z
    .array(
      z.strictObject({
        ...sizeHead,
        ...yokeDimensions,
        accumulatorLitres: positive,
        gasPrechargeBarG: positive,
        ...startingCurrent,
        springSets,
        ...sizeTail,
      }),
    )
    .min(1),
});
type Family = z.infer<typeof schema>;

const absolute = (barG: number) => barG + 1.01325;

/** Strokes from the stored oil between the pump's stop and start pressure, gas at constant temperature. */
function strokesLeft({ pumpStartsBarG, pumpStopsBarG }: Family, size: Family["sizes"][number]): number {
  const { accumulatorLitres, gasPrechargeBarG, pistonDiameterMm, rodDiameterMm, armMm, slotOffsetMm } = size;
  const gas = accumulatorLitres * absolute(gasPrechargeBarG);
  const litres = gas / absolute(pumpStartsBarG) - gas / absolute(pumpStopsBarG);
  const { strokeMm } = scotchYokeAt({
    pistonDiameterMm,
    rodDiameterMm,
    armMm,
    slotOffsetMm,
    efficiency: 1,
    airBarG: 0,
  });
  return Math.floor(litres / (((Math.PI / 4) * pistonDiameterMm ** 2 * strokeMm) / 1e6));
}

/** Oil from its own pump and accumulator on a piston and a yoke: it needs electricity only. */
export const electroHydraulic: DriveKind<Family> = {
  kind: "electro-hydraulic",
  supply: "electric",
  schema,
  columns: {
    family: [...motorColumns, "pump_starts_bar_g", "pump_stops_bar_g"],
    size: [...yokeColumns, "accumulator_litres", "gas_precharge_bar_g", startingCurrentColumn],
  },
  sprung: true,
  drivesOf: (family) =>
    family.sizes.flatMap((size) =>
      drivesWithSprings(
        family,
        size,
        (action, set) => (_, end) =>
          yokeProfile(size, end === "lowest" ? family.pumpStartsBarG : family.pumpStopsBarG, action, set),
      ).map((drive) => ({ ...drive, strokesLeft: strokesLeft(family, size) })),
    ),
  suppliedAt: (_, end) => ({
    what: end === "lowest" ? "accumulator, lowest" : "accumulator, highest",
    value: end === "lowest" ? "pump starts" : "pump stops",
    unit: "",
    origin: "catalogue",
  }),
  faultsOf: yokeFaults,
};
