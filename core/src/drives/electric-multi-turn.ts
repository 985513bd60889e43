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
  kind: z.literal("electric multi-turn"),
  sizes: z.array(z.strictObject({ ...sizeHead, ...motorTorques, ...sizeTail })).min(1),
});
type Family = z.infer<typeof schema>;

/** A motor on the nut of a rising stem: the same torque over the lift. */
export const electricMultiTurn: DriveKind<Family> = {
  kind: "electric multi-turn",
  supply: "electric",
  turns: "rising stem",
  schema,
  columns: { family: motorColumns, size: motorTorqueColumns },
  sprung: false,
  drivesOf: (family) => family.sizes.map((size) => stayingMotor(family, size)),
  suppliedAt: suppliedWithVoltage,
  faultsOf: motorFaults,
};
