import { z } from "zod";
import type { DriveKind, NamedSupply, Supplies, SupplyEnd } from "./kind.ts";
import { familyHead, positive, sizeHead, sizeTail } from "./shared-schema.ts";
import { drivesWithSprings, springSets } from "./with-springs.ts";
import { yokeColumns, yokeDimensions, yokeFaults, yokeProfile } from "./yoke.ts";

const schema = z.strictObject({
  ...familyHead,
  kind: z.literal("hydraulic"),
  maximumOilBarG: positive,
  sizes: z.array(z.strictObject({ ...sizeHead, ...yokeDimensions, springSets, ...sizeTail })).min(1),
});
type Family = z.infer<typeof schema>;

const ends = {
  lowest: { what: "lowest oil supply", path: "oilMinimumBarG" },
  highest: { what: "highest oil supply", path: "oilMaximumBarG" },
} as const;

const suppliedWithOil = (supplies: Supplies, end: SupplyEnd): NamedSupply => {
  const { what, path } = ends[end];
  const origin = supplies.stated[path] === null ? "assumed" : "entered";
  return { what, value: supplies[path], unit: "bar g", origin };
};

/** Oil of the plant's supply on a piston and a yoke. */
export const hydraulic: DriveKind<Family> = {
  kind: "hydraulic",
  supply: "hydraulic",
  schema,
  columns: { family: ["maximum_oil_bar_g"], size: yokeColumns },
  sprung: true,
  drivesOf: (family) =>
    family.sizes.flatMap((size) =>
      drivesWithSprings(
        family,
        size,
        (action, set) => (supplies, end) => yokeProfile(size, supplies[ends[end].path], action, set),
      ),
    ),
  pressureRating: ({ maximumOilBarG }, { oilMaximumBarG }) => ({
    ratedBarG: maximumOilBarG,
    broughtBarG: oilMaximumBarG,
  }),
  suppliedAt: suppliedWithOil,
  faultsOf: yokeFaults,
};
