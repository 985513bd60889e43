import { z } from "zod";
import type { DriveKind } from "./kind.ts";
import { familyHead, positive, sizeHead, sizeTail } from "./shared-schema.ts";

const schema = z.strictObject({
  ...familyHead,
  kind: z.literal("electric on-off"),
  sizes: z
    .array(
      z.strictObject({
        ...sizeHead,
        torqueAtMinimumVoltageNm: positive,
        stallTorqueNm: positive,
        ...sizeTail,
      }),
    )
    .min(1),
});
type Family = z.infer<typeof schema>;

/** A motor with a gear: the same torque over the stroke, weakest at minimum voltage, strongest at stall. */
export const electricOnOff: DriveKind<Family> = {
  kind: "electric on-off",
  supply: "electric",
  schema,
  columns: { family: [], size: ["torque_at_minimum_voltage_nm", "stall_torque_nm"] },
  sprung: false,
  drivesOf: (family) =>
    family.sizes.map((size) => ({
      key: `${family.id}|${size.id}`,
      family,
      sizeId: size.id,
      action: "double-acting",
      onSupplyLoss: "stays",
      springSet: null,
      variant: "",
      flange: size.flange,
      weightKg: size.weightKg,
      price: size.price,
      outputAt: () => ({ torqueNm: size.torqueAtMinimumVoltageNm }),
      outputAtMaximum: () => ({ torqueNm: size.stallTorqueNm }),
    })),
  maximumAirBarG: () => null,
  suppliedAt: (_duty, end) =>
    end === "lowest"
      ? { what: "supply", value: "minimum voltage", unit: "", origin: "catalogue" }
      : { what: "output taken at", value: "stall", unit: "", origin: "catalogue" },
  faultsOf: ({ stallTorqueNm, torqueAtMinimumVoltageNm }) =>
    stallTorqueNm < torqueAtMinimumVoltageNm
      ? [{ field: "stallTorqueNm", reason: "stall torque is below the torque at minimum voltage" }]
      : [],
};
