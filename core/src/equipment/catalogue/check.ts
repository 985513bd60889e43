import type { z } from "zod";
import { type AccessoryFamily, accessoryFamilySchema } from "../accessories/kinds.ts";
import { type DriveFamily, driveFamilySchema } from "../drives/drive-kinds.ts";
import { accessoryFaults } from "./accessory-faults.ts";
import { offersTooMany } from "./candidates-offered.ts";
import { driveFaults } from "./drive-faults.ts";
import type { CatalogueFault, FaultInFile } from "./fault.ts";
import { lineFaults } from "./line-faults.ts";
import { type Catalogue, catalogueHeadSchema, type ProductLine, productLineSchema } from "./schema.ts";
import { catalogueKind } from "./versions/kind.ts";

export interface CatalogueFile {
  readonly name: string;
  readonly content: unknown;
}

function shapeFaults(file: string, error: z.ZodError): CatalogueFault[] {
  return error.issues.map((issue) => {
    const index = issue.path.findIndex((part) => typeof part === "number");
    return {
      file,
      row: index < 0 ? null : (issue.path[index] as number) + 1,
      field: issue.path.join(".") || "(whole file)",
      reason: issue.message,
    };
  });
}

/** A catalogue read whole, or every fault found and no catalogue. */
export type CatalogueReading =
  | { catalogue: Catalogue; faults: [] }
  | { catalogue: null; faults: CatalogueFault[] };

/**
 * Reads a catalogue from its files and checks it against the schema and the reference tables. A
 * catalogue with any fault is refused whole.
 *
 * @param head content of the head file: format, name, revision, status, currency
 * @param lines one file per product line
 * @param drives one file per actuator family
 * @param accessories one file per family of accessories
 * @returns the catalogue, or the faults with file, row, field and reason
 * @source catalogue format proven-seat-catalogue/9 (docs/catalogue.md)
 * @example readCatalogue({ name: "catalogue.json", content: {} }, [], [], []).catalogue // → null
 */
export function readCatalogue(
  head: CatalogueFile,
  lines: readonly CatalogueFile[],
  drives: readonly CatalogueFile[],
  accessories: readonly CatalogueFile[],
): CatalogueReading {
  const faults: CatalogueFault[] = [];
  const parsedHead = catalogueHeadSchema.safeParse(head.content);
  if (!parsedHead.success) faults.push(...shapeFaults(head.name, parsedHead.error));
  const ids = new Set<string>();
  function read<T extends { id: string }>(
    file: CatalogueFile,
    schema: z.ZodType<T>,
    check: (item: T) => Iterable<FaultInFile>,
  ): T[] {
    const parsed = schema.safeParse(file.content);
    if (!parsed.success) {
      faults.push(...shapeFaults(file.name, parsed.error));
      return [];
    }
    if (ids.has(parsed.data.id))
      faults.push({
        file: file.name,
        row: null,
        field: "id",
        reason: `id "${parsed.data.id}" is already used by another file`,
      });
    ids.add(parsed.data.id);
    for (const fault of check(parsed.data)) faults.push({ file: file.name, ...fault });
    return [parsed.data];
  }
  const readLines = lines.flatMap((file) =>
    read(file, productLineSchema as z.ZodType<ProductLine>, lineFaults),
  );
  const readDrives = drives.flatMap((file) =>
    read(file, driveFamilySchema as z.ZodType<DriveFamily>, driveFaults),
  );
  const readAccessories = accessories.flatMap((file) =>
    read(file, accessoryFamilySchema as z.ZodType<AccessoryFamily>, accessoryFaults),
  );
  if (lines.length === 0)
    faults.push({
      file: head.name,
      row: null,
      field: "lines",
      reason: "a catalogue needs at least one product line",
    });
  if (faults.length === 0) faults.push(...offersTooMany({ lines: readLines, drives: readDrives }));
  if (faults.length > 0 || !parsedHead.success) return { catalogue: null, faults };
  const parts = { lines: readLines, drives: readDrives, accessories: readAccessories };
  return { catalogue: { ...parsedHead.data, ...parts }, faults: [] };
}

/**
 * Reads a catalogue from one document, as it is stored.
 *
 * @param document head, lines and actuators in one object
 * @returns as `readCatalogue`; each line and family is named as a file of its own
 * @source catalogue format proven-seat-catalogue/9
 * @example readCatalogueDocument(null).catalogue // → null
 */
export function readCatalogueDocument(document: unknown): CatalogueReading {
  const brought = catalogueKind.upcast(document);
  if ("code" in brought && brought.code === "from-a-newer-release")
    return {
      catalogue: null,
      faults: [{ file: "catalogue", row: null, field: "format", reason: brought.message }],
    };
  const whole: Readonly<Record<string, unknown>> =
    "code" in brought
      ? typeof document === "object" && document !== null
        ? { ...document }
        : {}
      : brought.document;
  const { lines, drives, accessories = [], ...head } = whole;
  const files = (list: unknown, folder: string): CatalogueFile[] =>
    Array.isArray(list)
      ? list.map((content, i) => ({
          name: `${folder}/${(content as { id?: string } | null)?.id ?? i + 1}`,
          content,
        }))
      : [];
  return readCatalogue(
    { name: "catalogue", content: head },
    files(lines, "lines"),
    files(drives, "drives"),
    files(accessories, "accessories"),
  );
}
