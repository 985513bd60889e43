import { z } from "zod";
import type { Drive, DriveKind } from "./kind.ts";
import { familyHead, positive, sizeHead, sizeTail } from "./shared-schema.ts";

const schema = z.strictObject({
  ...familyHead,
  kind: z.literal("electric spring-return"),
  sizes: z
    .array(
      z.strictObject({
        ...sizeHead,
        torqueAtMinimumVoltageNm: positive,
        stallTorqueNm: positive,
        springWoundNm: positive,
        springRunOutNm: positive,
        ...sizeTail,
      }),
    )
    .min(1),
});
type Family = z.infer<typeof schema>;

function drivesOfSize(family: Family, size: Family["sizes"][number]): Drive[] {
  const { springWoundNm, springRunOutNm, torqueAtMinimumVoltageNm, stallTorqueNm } = size;
  // The motor winds the spring while it turns the valve: what is left of it is least at the end.
  const output = (motorNm: number) => ({
    airStartNm: motorNm - springRunOutNm,
    airEndNm: motorNm - springWoundNm,
    springStartNm: springWoundNm,
    springEndNm: springRunOutNm,
  });
  const either = {
    family,
    sizeId: size.id,
    springSet: "spring",
    variant: "spring",
    flange: size.flange,
    weightKg: size.weightKg,
    price: size.price,
    outputAt: () => output(torqueAtMinimumVoltageNm),
    outputAtMaximum: () => output(stallTorqueNm),
  };
  const key = `${family.id}|${size.id}`;
  return [
    { ...either, key: `${key}|closes`, action: "spring-to-close", onSupplyLoss: "closes" },
    { ...either, key: `${key}|opens`, action: "spring-to-open", onSupplyLoss: "opens" },
  ];
}

/** A motor that winds a spring: the spring moves the valve when the supply is lost. */
export const electricSpringReturn: DriveKind<Family> = {
  kind: "electric spring-return",
  supply: "electric",
  schema,
  columns: {
    family: [],
    size: ["torque_at_minimum_voltage_nm", "stall_torque_nm", "spring_wound_nm", "spring_run_out_nm"],
  },
  sprung: false,
  drivesOf: (family) => family.sizes.flatMap((size) => drivesOfSize(family, size)),
  maximumAirBarG: () => null,
  suppliedAt: (_duty, end) =>
    end === "lowest"
      ? { what: "supply", value: "minimum voltage", unit: "", origin: "catalogue" }
      : { what: "output taken at", value: "stall", unit: "", origin: "catalogue" },
  faultsOf: ({ stallTorqueNm, torqueAtMinimumVoltageNm, springWoundNm, springRunOutNm }) => [
    ...(stallTorqueNm < torqueAtMinimumVoltageNm
      ? [{ field: "stallTorqueNm", reason: "stall torque is below the torque at minimum voltage" }]
      : []),
    ...(springWoundNm < springRunOutNm
      ? [{ field: "springWoundNm", reason: "a wound spring is stronger than one run out" }]
      : []),
    ...(torqueAtMinimumVoltageNm <= springWoundNm
      ? [{ field: "torqueAtMinimumVoltageNm", reason: "the motor cannot wind the spring at minimum voltage" }]
      : []),
  ],
};
