import { z } from "zod";
import { steady } from "../../basis/stroke/profile.ts";
import {
  motorColumns,
  motorFaults,
  motorHead,
  motorTorqueColumns,
  motorTorques,
  suppliedWithVoltage,
} from "./by-motor.ts";
import type { Drive, DriveKind } from "./kind.ts";
import { mounted } from "./mounted.ts";
import { positive, sizeHead, sizeTail } from "./shared-schema.ts";

const schema = z.strictObject({
  ...motorHead,
  kind: z.literal("electric capacitor-return"),
  sizes: z
    .array(z.strictObject({ ...sizeHead, ...motorTorques, torqueOnStoredEnergyNm: positive, ...sizeTail }))
    .min(1),
});
type Family = z.infer<typeof schema>;
type Size = Family["sizes"][number];

function drivesOfSize(family: Family, size: Size): Drive[] {
  const { torqueAtMinimumVoltageNm, torqueOnStoredEnergyNm, stallTorqueNm } = size;
  const [byMotor, byStore] = [steady(torqueAtMinimumVoltageNm), steady(torqueOnStoredEnergyNm)];
  const either = {
    family,
    sizeId: size.id,
    action: "double-acting",
    springSet: null,
    variant: "capacitor",
    ...mounted(size),
  } as const;
  // The stroke without supply uses stored energy only.
  return [
    {
      ...either,
      key: `${family.id}|${size.id}|closes`,
      onSupplyLoss: "closes",
      outputAt: (_, end) =>
        end === "highest" ? steady(stallTorqueNm) : { opening: byMotor.opening, closing: byStore.closing },
    },
    {
      ...either,
      key: `${family.id}|${size.id}|opens`,
      onSupplyLoss: "opens",
      outputAt: (_, end) =>
        end === "highest" ? steady(stallTorqueNm) : { opening: byStore.opening, closing: byMotor.closing },
    },
  ];
}

/** A motor with a store of energy that moves the valve once more when the supply is lost. */
export const electricCapacitorReturn: DriveKind<Family> = {
  kind: "electric capacitor-return",
  supply: "electric",
  schema,
  columns: { family: motorColumns, size: [...motorTorqueColumns, "torque_on_stored_energy_nm"] },
  sprung: false,
  drivesOf: (family) => family.sizes.flatMap((size) => drivesOfSize(family, size)),
  suppliedAt: suppliedWithVoltage,
  faultsOf: (size) => [
    ...motorFaults(size),
    ...(size.stallTorqueNm < size.torqueOnStoredEnergyNm
      ? [
          {
            field: "torqueOnStoredEnergyNm",
            reason: "the stored energy gives more torque than the motor at stall",
          },
        ]
      : []),
  ],
};
