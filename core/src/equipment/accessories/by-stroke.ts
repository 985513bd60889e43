import { z } from "zod";
import { makerHead, sizeHead, weightAndPrice } from "../drives/shared-schema.ts";
import { usesAir } from "../drives/supplies.ts";
import type { AccessoryKind } from "./kind.ts";
import { ofAir, standsAir } from "./shared.ts";

/**
 * A kind that hastens a stroke at the drive's own port; the stroke decides whether it is mounted.
 *
 * @param kind its name
 * @returns the kind, with schema and columns
 */
export function speedAccessory<const Kind extends string>(kind: Kind) {
  const item = z.strictObject({ ...sizeHead, cv: z.number().positive(), ...ofAir, ...weightAndPrice });
  const schema = z.strictObject({ ...makerHead, kind: z.literal(kind), items: z.array(item).min(1) });
  return {
    kind,
    schema,
    columns: ["cv", "maximum_air_bar_g"],
    electrical: () => false,
    byStroke: true,
    wantedBy: ({ supply, sprung }, { duty }) =>
      usesAir(supply)
        ? {
            pieces: sprung ? 1 : 2,
            says: "for the highest air pressure",
            refused: (item) => standsAir(item, duty),
          }
        : null,
  } satisfies Omit<AccessoryKind<z.infer<typeof schema>>, "schema"> & { readonly schema: typeof schema };
}
