import { z } from "zod";
import {
  motorColumns,
  motorFaults,
  motorHead,
  motorTorqueColumns,
  motorTorques,
  stayingMotor,
  suppliedWithVoltage,
} from "./by-motor.ts";
import type { DriveKind } from "./kind.ts";
import { sizeHead, sizeTail } from "./shared-schema.ts";

const schema = z.strictObject({
  ...motorHead,
  kind: z.literal("electric on-off"),
  sizes: z.array(z.strictObject({ ...sizeHead, ...motorTorques, ...sizeTail })).min(1),
});
type Family = z.infer<typeof schema>;

/** A motor with a gear: the same torque over the stroke, weakest at minimum voltage, strongest at stall. */
export const electricOnOff: DriveKind<Family> = {
  kind: "electric on-off",
  supply: "electric",
  schema,
  columns: { family: motorColumns, size: motorTorqueColumns },
  sprung: false,
  drivesOf: (family) => family.sizes.map((size) => stayingMotor(family, size)),
  suppliedAt: suppliedWithVoltage,
  faultsOf: motorFaults,
};
