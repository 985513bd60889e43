/** What drives with a motor have in common: their supply, and how they are rated. */
import { z } from "zod";
import { steady } from "../stroke/index.ts";
import type { DriveKind, NamedSupply, Supplies, SupplyEnd } from "./kind.ts";
import { familyHead, positive, sizeHead, sizeTail } from "./shared-schema.ts";
import { staying } from "./staying.ts";

/** What a family with a motor states besides; not stated, nothing better is taken for it. */
export const motorHead = {
  ...familyHead,
  /** As its duty class states them. */
  startsPerHour: positive.nullable().default(null),
  /** Share of the rated voltage below which it no longer gives its torque, %. */
  lowestVoltagePercent: positive.max(100).nullable().default(null),
};

export const motorColumns = ["starts_per_hour", "lowest_voltage_percent"];

/** Torque at the lowest voltage, and at stall. */
export const motorTorques = { torqueAtMinimumVoltageNm: positive, stallTorqueNm: positive };
export interface MotorTorques {
  readonly torqueAtMinimumVoltageNm: number;
  readonly stallTorqueNm: number;
}
export const motorTorqueColumns = ["torque_at_minimum_voltage_nm", "stall_torque_nm"];

/**
 * A motor's supply as a finding names it.
 *
 * @param _ what the duty brings; a catalogue states torque at the lowest voltage and at stall
 * @param end lowest or highest
 * @returns where the torque is taken
 */
export const suppliedWithVoltage = (_: Supplies, end: SupplyEnd): NamedSupply =>
  end === "lowest"
    ? { what: "supply", value: "minimum voltage", unit: "", origin: "catalogue" }
    : { what: "output taken at", value: "stall", unit: "", origin: "catalogue" };

/**
 * What of a motor's torques contradicts itself.
 *
 * @param size torque at the lowest voltage and at stall, N·m
 * @returns the fault, or none
 */
export const motorFaults = (size: MotorTorques) =>
  size.stallTorqueNm < size.torqueAtMinimumVoltageNm
    ? [{ field: "stallTorqueNm", reason: "stall torque is below the torque at minimum voltage" }]
    : [];

/**
 * A kind whose motor stays where it is when its supply fails: the same torque over the stroke.
 *
 * @param kind its name
 * @param more what it turns, and whether it modulates
 * @returns the kind, with schema, columns and drives
 */
export function stayingMotor<const Kind extends string>(
  kind: Kind,
  more: Pick<DriveKind, "turns" | "modulates"> = {},
) {
  const schema = z.strictObject({
    ...motorHead,
    kind: z.literal(kind),
    sizes: z.array(z.strictObject({ ...sizeHead, ...motorTorques, ...sizeTail })).min(1),
  });
  return {
    ...more,
    kind,
    supply: "electric",
    schema,
    columns: { family: motorColumns, size: motorTorqueColumns },
    sprung: false,
    drivesOf: (family) =>
      family.sizes.map((size) =>
        staying(family, size, (_, end) =>
          steady(end === "lowest" ? size.torqueAtMinimumVoltageNm : size.stallTorqueNm),
        ),
      ),
    suppliedAt: suppliedWithVoltage,
    faultsOf: motorFaults,
  } satisfies Omit<DriveKind<z.infer<typeof schema>>, "schema"> & { readonly schema: typeof schema };
}
