/** Common parts of actuators with a motor: supply and ratings. */
import { z } from "zod";
import { steady } from "../../basis/stroke/profile.ts";
import { motorSupplies } from "../../basis/vocabulary/utilities.ts";
import type { AnyFamily, AnySize, Drive, DriveKind, NamedSupply, Supplies, SupplyEnd } from "./kind.ts";
import { familyHead, positive, sizeHead, sizeTail } from "./shared-schema.ts";
import { staying } from "./staying.ts";

/** S2 counts minutes at a stretch, S4 the share of time in per cent. */
const dutyClassPattern = /^S2[ -]?(\d{1,3}) ?min$|^S4[ -]?(\d{1,3}) ?%$/;

/** Additional values of a family with a motor; nothing better is assumed for those not stated. */
export const motorHead = {
  ...familyHead,
  /** As its duty class states them. */
  startsPerHour: positive.nullable().default(null),
  /** Share of the rated voltage below which it does not reach its torque, %. */
  lowestVoltagePercent: positive.max(100).nullable().default(null),
  /** Voltages and phases it is wound for. */
  motorSupplies: z.array(z.enum(motorSupplies)).min(1).nullable().default(null),
  /** From its nameplate: S2 with minutes, S4 with the duty cycle. */
  dutyClass: z
    .string()
    .regex(dutyClassPattern, 'a duty class is written "S2-15 min" or "S4-25 %"')
    .nullable()
    .default(null),
  /** Keeps its inside dry; cuts it out when its winding is hot; stops it at a torque. */
  heater: z.boolean().nullable().default(null),
  thermalCutOut: z.boolean().nullable().default(null),
  torqueSwitches: z.boolean().nullable().default(null),
};

/** Values of a family with a motor that rules read. */
export interface MotorFamily extends AnyFamily {
  readonly startsPerHour: number | null;
  readonly lowestVoltagePercent: number | null;
  readonly motorSupplies: readonly (typeof motorSupplies)[number][] | null;
  readonly dutyClass: string | null;
  readonly heater: boolean | null;
  readonly thermalCutOut: boolean | null;
  readonly torqueSwitches: boolean | null;
}

export const motorColumns = [
  "starts_per_hour",
  "lowest_voltage_percent",
  "motor_supplies;",
  "duty_class$",
  "heater?",
  "thermal_cut_out?",
  "torque_switches?",
];

/**
 * Running time of a motor by its duty class.
 *
 * @param text class as on the plate
 * @returns minutes at a stretch (S2), or the share of time in % (S4); null where it is none of the two
 * @source IEC 60034-1, IEC 60034-22
 * @example readDutyClass("S4-25 %").percent // → 25
 */
export function readDutyClass(
  text: string,
): { readonly minutes: number } | { readonly percent: number } | null {
  const found = dutyClassPattern.exec(text);
  if (!found) return null;
  return found[1] !== undefined ? { minutes: Number(found[1]) } : { percent: Number(found[2]) };
}

/** Starting current of a size at its highest voltage, A; null where the maker states none. */
export const startingCurrent = { startingCurrentA: positive.nullable().default(null) };
export const startingCurrentColumn = "starting_current_a";

/** Torque at the lowest voltage, and at stall. */
export const motorTorques = {
  torqueAtMinimumVoltageNm: positive,
  stallTorqueNm: positive,
  ...startingCurrent,
};
export interface MotorTorques {
  readonly torqueAtMinimumVoltageNm: number;
  readonly stallTorqueNm: number;
}
export const motorTorqueColumns = ["torque_at_minimum_voltage_nm", "stall_torque_nm", startingCurrentColumn];

/**
 * A motor's supply as a finding names it.
 *
 * @param _ supplies of the duty; a catalogue states torque at the lowest voltage and at stall
 * @param end lowest or highest
 * @returns where the torque is taken
 */
export const suppliedWithVoltage = (_: Supplies, end: SupplyEnd): NamedSupply =>
  end === "lowest"
    ? { what: "supply", value: "minimum voltage", unit: "", origin: "catalogue" }
    : { what: "output at", value: "stall", unit: "", origin: "catalogue" };

/**
 * Contradictions in a motor's torques.
 *
 * @param size torque at the lowest voltage and at stall, N·m
 * @returns the fault, or none
 */
export const motorFaults = (size: AnySize & MotorTorques) =>
  size.stallTorqueNm < size.torqueAtMinimumVoltageNm
    ? [{ field: "stallTorqueNm", reason: "stall torque is below the torque at minimum voltage" }]
    : [];

/**
 * Drives of a family whose motor stays where it is when its supply fails: the same torque over the stroke.
 *
 * @param family with torque at the lowest voltage and at stall, N·m
 * @returns a drive for each size
 */
export const drivesThatStay = (
  family: Omit<AnyFamily, "sizes"> & { readonly sizes: readonly (AnySize & MotorTorques)[] },
): Drive[] =>
  family.sizes.map((size) =>
    staying(family, size, (_, end) =>
      steady(end === "lowest" ? size.torqueAtMinimumVoltageNm : size.stallTorqueNm),
    ),
  );

/**
 * A kind whose motor stays where it is when its supply fails: the same torque over the stroke.
 *
 * @param kind its name
 * @param more stroke, and whether it modulates
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
    drivesOf: drivesThatStay,
    suppliedAt: suppliedWithVoltage,
    faultsOf: motorFaults,
  } satisfies Omit<DriveKind<z.infer<typeof schema>>, "schema"> & { readonly schema: typeof schema };
}
