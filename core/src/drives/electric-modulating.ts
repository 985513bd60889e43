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
  kind: z.literal("electric modulating"),
  sizes: z.array(z.strictObject({ ...sizeHead, ...motorTorques, ...sizeTail })).min(1),
});
type Family = z.infer<typeof schema>;

/** A motor made to be started again and again, with a positioner that lets it stand anywhere. */
export const electricModulating: DriveKind<Family> = {
  kind: "electric modulating",
  supply: "electric",
  modulates: true,
  schema,
  columns: { family: motorColumns, size: motorTorqueColumns },
  sprung: false,
  drivesOf: (family) => family.sizes.map((size) => stayingMotor(family, size)),
  suppliedAt: suppliedWithVoltage,
  faultsOf: motorFaults,
};
