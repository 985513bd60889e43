import { z } from "zod";
import type { Action } from "../../basis/calc/actuator-margin.ts";
import { outputProfile } from "../../basis/stroke/named-points.ts";
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
  kind: z.literal("electric spring-return"),
  sizes: z
    .array(
      z.strictObject({
        ...sizeHead,
        ...motorTorques,
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
  // The motor winds the spring while it turns the valve: its remaining torque is least at the end.
  const output =
    (action: Action): Drive["outputAt"] =>
    (_, end) => {
      const motorNm = end === "lowest" ? torqueAtMinimumVoltageNm : stallTorqueNm;
      return outputProfile(
        {
          airStartNm: motorNm - springRunOutNm,
          airEndNm: motorNm - springWoundNm,
          springStartNm: springWoundNm,
          springEndNm: springRunOutNm,
        },
        action,
      );
    };
  const either = {
    family,
    sizeId: size.id,
    springSet: "spring",
    variant: "spring",
    ...mounted(size),
  };
  const key = `${family.id}|${size.id}`;
  return [
    {
      ...either,
      key: `${key}|closes`,
      action: "spring-to-close",
      onSupplyLoss: "closes",
      outputAt: output("spring-to-close"),
    },
    {
      ...either,
      key: `${key}|opens`,
      action: "spring-to-open",
      onSupplyLoss: "opens",
      outputAt: output("spring-to-open"),
    },
  ];
}

/** A motor that winds a spring: the spring moves the valve when the supply is lost. */
export const electricSpringReturn: DriveKind<Family> = {
  kind: "electric spring-return",
  supply: "electric",
  schema,
  columns: { family: motorColumns, size: [...motorTorqueColumns, "spring_wound_nm", "spring_run_out_nm"] },
  sprung: false,
  drivesOf: (family) => family.sizes.flatMap((size) => drivesOfSize(family, size)),
  suppliedAt: suppliedWithVoltage,
  faultsOf: ({ springWoundNm, springRunOutNm, ...motor }) => [
    ...motorFaults(motor),
    ...(springWoundNm < springRunOutNm
      ? [{ field: "springWoundNm", reason: "a wound spring must give more torque than a released one" }]
      : []),
    ...(motor.torqueAtMinimumVoltageNm <= springWoundNm
      ? [{ field: "torqueAtMinimumVoltageNm", reason: "the motor cannot wind the spring at minimum voltage" }]
      : []),
  ],
};
