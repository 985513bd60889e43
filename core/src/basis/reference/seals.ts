import { records } from "./table.ts";
import { sealMaterials } from "./tables/seal-materials.ts";

/** A seal, packing or gasket material with its temperature range. */
export interface SealMaterial {
  readonly id: string;
  readonly name: string;
  readonly kind: string;
  readonly minimumC: number;
  readonly maximumC: number;
  /** Resistance to explosive decompression: by nature, in a certified grade only, or none. */
  readonly rapidDecompression: "immune" | "grade" | "no";
  /** Still seals after a fire has destroyed soft parts. */
  readonly outlivesFire: boolean;
}

interface SealRow {
  seal: string;
  name: string;
  kind: string;
  minimum_c: number;
  maximum_c: number;
  rapid_gas_decompression: SealMaterial["rapidDecompression"];
  outlives_fire: "yes" | "no";
}

const seals = new Map<string, SealMaterial>(
  records<SealRow>(sealMaterials).map((row) => [
    row.seal,
    {
      id: row.seal,
      name: row.name,
      kind: row.kind,
      minimumC: row.minimum_c,
      maximumC: row.maximum_c,
      rapidDecompression: row.rapid_gas_decompression,
      outlivesFire: row.outlives_fire === "yes",
    },
  ]),
);

/**
 * A seal material by id.
 *
 * @param id for example "fkm", "ptfe-chevron", "graphite-gasket"
 * @returns the material, or undefined when the table has no such seal
 * @source reference/seal-materials.csv (indicative)
 * @example sealMaterial("fkm").maximumC // → 200
 */
export function sealMaterial(id: string): SealMaterial | undefined {
  return seals.get(id);
}
