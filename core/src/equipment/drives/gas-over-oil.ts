import { z } from "zod";
import type { DriveKind } from "./kind.ts";
import { familyHead, positive, sizeHead, sizeTail } from "./shared-schema.ts";
import { drivesWithSprings } from "./with-springs.ts";
import { yokeColumns, yokeDimensions, yokeFaults, yokeProfile } from "./yoke.ts";

const schema = z.strictObject({
  ...familyHead,
  kind: z.literal("gas-over-oil"),
  maximumGasBarG: positive,
  sizes: z.array(z.strictObject({ ...sizeHead, ...yokeDimensions, ...sizeTail })).min(1),
});
type Family = z.infer<typeof schema>;

/** Gas of the pipeline itself, through oil, on a piston and a yoke: where there is neither air nor current. */
export const gasOverOil: DriveKind<Family> = {
  kind: "gas-over-oil",
  supply: "line gas",
  schema,
  columns: { family: ["maximum_gas_bar_g"], size: yokeColumns },
  sprung: false,
  drivesOf: (family) =>
    family.sizes.flatMap((size) =>
      drivesWithSprings(
        family,
        { ...size, springSets: [] },
        (action) =>
          ({ lineGas }, end) =>
            // Line gas is its only supply: no gas, no torque.
            yokeProfile(
              size,
              lineGas === null ? 0 : end === "lowest" ? lineGas.lowestBarG : lineGas.highestBarG,
              action,
            ),
      ),
    ),
  pressureRating: ({ maximumGasBarG }, { lineGas }) =>
    lineGas && { ratedBarG: maximumGasBarG, broughtBarG: lineGas.highestBarG },
  suppliedAt: ({ lineGas }, end) =>
    lineGas === null
      ? { what: "line gas pressure", value: "none known", unit: "", origin: "entered" }
      : {
          what: `${end} line pressure`,
          value: end === "lowest" ? lineGas.lowestBarG : lineGas.highestBarG,
          unit: "bar g",
          origin: "entered",
        },
  faultsOf: yokeFaults,
};
