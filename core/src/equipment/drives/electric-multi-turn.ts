import { z } from "zod";
import {
  drivesThatStay,
  motorColumns,
  motorFaults,
  motorHead,
  motorTorqueColumns,
  motorTorques,
  suppliedWithVoltage,
} from "./by-motor.ts";
import type { DriveKind } from "./kind.ts";
import { sizeHead, sizeTail, thrust, thrustColumn } from "./shared-schema.ts";

const schema = z.strictObject({
  ...motorHead,
  kind: z.literal("electric multi-turn"),
  sizes: z.array(z.strictObject({ ...sizeHead, ...motorTorques, ...thrust, ...sizeTail })).min(1),
});

/** A motor on the nut of a rising stem: the same torque over the lift. */
export const electricMultiTurn: DriveKind<z.infer<typeof schema>> = {
  kind: "electric multi-turn",
  supply: "electric",
  turns: "rising stem",
  schema,
  columns: { family: motorColumns, size: [...motorTorqueColumns, thrustColumn] },
  sprung: false,
  drivesOf: drivesThatStay,
  suppliedAt: suppliedWithVoltage,
  faultsOf: motorFaults,
};
