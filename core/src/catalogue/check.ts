import type { z } from "zod";
import { constructionNamed } from "../bodies/index.ts";
import { boltingNamed } from "../reference/bolting.ts";
import { bodyGrade } from "../reference/grades.ts";
import { padOf } from "../reference/pads.ts";
import { parseDesignation, ratingCurve } from "../reference/pressure-temperature.ts";
import { sealMaterial } from "../reference/seals.ts";
import { seatMaterial } from "../reference/seats.ts";
import { metals } from "../reference/suitability.ts";
import {
  type Catalogue,
  catalogueHeadSchema,
  type DriveFamily,
  driveFamilySchema,
  type ProductLine,
  productLineSchema,
} from "./schema.ts";

/** One thing wrong with a catalogue, at its place. */
export interface CatalogueFault {
  readonly file: string;
  /** Row of the list the fault stands in, counted from 1; null for the file as a whole. */
  readonly row: number | null;
  readonly field: string;
  readonly reason: string;
}

export interface CatalogueFile {
  readonly name: string;
  readonly content: unknown;
}

const rising = (values: readonly number[]) => values.every((v, i) => i === 0 || v > values[i - 1]!);

function shapeFaults(file: string, error: z.ZodError): CatalogueFault[] {
  return error.issues.map((issue) => {
    const at = issue.path.findIndex((part) => typeof part === "number");
    return {
      file,
      row: at < 0 ? null : (issue.path[at] as number) + 1,
      field: issue.path.join(".") || "(whole file)",
      reason: issue.message,
    };
  });
}

function* lineFaults(line: ProductLine): Generator<Omit<CatalogueFault, "file">> {
  for (const [i, { grade }] of line.grades.entries()) {
    if (!bodyGrade(grade))
      yield {
        row: i + 1,
        field: `grades.${i}.grade`,
        reason: `grade "${grade}" is not in the reference table`,
      };
  }
  const construction = constructionNamed(line.construction)!;
  for (const [i, { arrangement }] of line.cavities.entries()) {
    if (!construction.cavities.includes(arrangement))
      yield {
        row: i + 1,
        field: `cavities.${i}.arrangement`,
        reason: `a ${construction.name.toLowerCase()} is not built with "${arrangement}"; it may have ${construction.cavities.join(", ")}`,
      };
  }
  if (line.sealing === "both ways" && construction.direction === "one way")
    yield {
      row: null,
      field: "sealing",
      reason: `a ${construction.name.toLowerCase()} does not seal both ways`,
    };
  if (!boltingNamed(line.bolting))
    yield { row: null, field: "bolting", reason: `bolting "${line.bolting}" is not in the reference table` };
  for (const [i, { seat, curve }] of line.seats.entries()) {
    const field = `seats.${i}`;
    if (!seatMaterial(seat))
      yield { row: i + 1, field: `${field}.seat`, reason: `seat "${seat}" is not in the reference table` };
    if (curve && curve.temperatureC.length !== curve.pressureBarG.length) {
      yield { row: i + 1, field: `${field}.curve`, reason: "as many pressures as temperatures are needed" };
    }
    if (curve && !rising(curve.temperatureC))
      yield { row: i + 1, field: `${field}.curve.temperatureC`, reason: "temperatures must rise" };
    const kind = seatMaterial(seat)?.kind;
    if (kind && !construction.seatKinds.includes(kind))
      yield {
        row: i + 1,
        field: `${field}.seat`,
        reason: `a ${construction.name.toLowerCase()} takes no ${kind} seat`,
      };
    if (!curve && kind === "polymer" && construction.closure !== "ball")
      yield {
        row: i + 1,
        field: `${field}.curve`,
        reason: "a seat that is not a ball's needs its own curve; the generic ones are for balls",
      };
  }
  for (const [i, trim] of line.trims.entries()) {
    for (const part of ["ball", "stem", "spring", "coating"] as const) {
      const metal = trim[part];
      if (metal !== null && !metals.includes(metal))
        yield {
          row: i + 1,
          field: `trims.${i}.${part}`,
          reason: `metal "${metal}" is not in the suitability table`,
        };
    }
  }
  for (const [i, set] of line.seals.entries()) {
    const unknown = set.parts.find((part) => !sealMaterial(part.seal));
    if (unknown)
      yield {
        row: i + 1,
        field: `seals.${i}.parts`,
        reason: `seal "${unknown.seal}" is not in the reference table`,
      };
  }
  const seen = new Set<string>();
  for (const [i, size] of line.sizes.entries()) {
    const row = i + 1;
    const field = `sizes.${i}`;
    const key = `${size.dn}|${size.designation}`;
    if (seen.has(key))
      yield { row, field: `${field}.dn`, reason: `DN ${size.dn} ${size.designation} stands twice` };
    seen.add(key);
    const designation = parseDesignation(size.designation);
    if (!designation)
      yield { row, field: `${field}.designation`, reason: `"${size.designation}" is not a class or PN` };
    else {
      const without = line.grades.find(
        ({ grade }) => bodyGrade(grade) && !ratingCurve(designation, bodyGrade(grade)!.group),
      );
      if (without)
        yield {
          row,
          field: `${field}.designation`,
          reason: `grade ${without.grade} has no rating for ${size.designation}`,
        };
    }
    const { seatSealDiameterMm, seatContactDiameterMm } = size.geometry;
    if (seatSealDiameterMm !== null && seatSealDiameterMm <= seatContactDiameterMm)
      yield {
        row,
        field: `${field}.geometry.seatSealDiameterMm`,
        reason: "the seat's seal circle must be larger than its contact circle",
      };
    if (!padOf(size.pad))
      yield { row, field: `${field}.pad`, reason: `"${size.pad}" is not an ISO 5211 flange` };
    if (!rising(size.torque.differentialBar))
      yield { row, field: `${field}.torque.differentialBar`, reason: "differentials must rise" };
    for (const { seat } of line.seats) {
      if (size.geometry.seatLoadN[seat] === undefined)
        yield {
          row,
          field: `${field}.geometry.seatLoadN.${seat}`,
          reason: "seat load for this seat is missing",
        };
      const torques = size.torque.breakToOpenNm[seat];
      if (!torques)
        yield {
          row,
          field: `${field}.torque.breakToOpenNm.${seat}`,
          reason: "torque for this seat is missing",
        };
      else if (torques.length !== size.torque.differentialBar.length) {
        yield {
          row,
          field: `${field}.torque.breakToOpenNm.${seat}`,
          reason: `${size.torque.differentialBar.length} torques are needed, ${torques.length} given`,
        };
      } else if (torques.some((t, at) => at > 0 && t < torques[at - 1]!)) {
        yield {
          row,
          field: `${field}.torque.breakToOpenNm.${seat}`,
          reason: "torque falls as the differential rises",
        };
      }
    }
  }
}

function* driveFaults(family: DriveFamily): Generator<Omit<CatalogueFault, "file">> {
  for (const [i, size] of family.sizes.entries()) {
    if (!padOf(size.flange))
      yield { row: i + 1, field: `sizes.${i}.flange`, reason: `"${size.flange}" is not an ISO 5211 flange` };
    if ("stallTorqueNm" in size && size.stallTorqueNm < size.torqueAtMinimumVoltageNm) {
      yield {
        row: i + 1,
        field: `sizes.${i}.stallTorqueNm`,
        reason: "stall torque is below the torque at minimum voltage",
      };
    }
  }
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
 * @param lines one file a product line
 * @param drives one file a drive family
 * @returns the catalogue, or the faults with file, row, field and reason
 * @throws never
 * @source catalogue format proven-seat-catalogue/2 (docs/catalogue.md)
 * @example readCatalogue({ name: "catalogue.json", content: {} }, [], []).catalogue // → null
 */
export function readCatalogue(
  head: CatalogueFile,
  lines: readonly CatalogueFile[],
  drives: readonly CatalogueFile[],
): CatalogueReading {
  const faults: CatalogueFault[] = [];
  const parsedHead = catalogueHeadSchema.safeParse(head.content);
  if (!parsedHead.success) faults.push(...shapeFaults(head.name, parsedHead.error));
  const ids = new Set<string>();
  function read<T extends { id: string }>(
    file: CatalogueFile,
    schema: z.ZodType<T>,
    check: (item: T) => Iterable<Omit<CatalogueFault, "file">>,
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
        reason: `id "${parsed.data.id}" is taken by another file`,
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
  if (lines.length === 0)
    faults.push({
      file: head.name,
      row: null,
      field: "lines",
      reason: "a catalogue needs at least one product line",
    });
  if (faults.length > 0 || !parsedHead.success) return { catalogue: null, faults };
  return { catalogue: { ...parsedHead.data, lines: readLines, drives: readDrives }, faults: [] };
}

/**
 * Reads a catalogue that stands in one document, as it is stored.
 *
 * @param document head, lines and drives in one object
 * @returns as `readCatalogue`; each line and family is named as a file of its own
 * @throws never
 * @source catalogue format proven-seat-catalogue/2
 * @example readCatalogueDocument(null).catalogue // → null
 */
export function readCatalogueDocument(document: unknown): CatalogueReading {
  const whole = (typeof document === "object" && document !== null ? document : {}) as Record<
    string,
    unknown
  >;
  const { lines, drives, ...head } = whole;
  const files = (list: unknown, folder: string): CatalogueFile[] =>
    Array.isArray(list)
      ? list.map((content, i) => ({
          name: `${folder}/${(content as { id?: string } | null)?.id ?? i + 1}`,
          content,
        }))
      : [];
  return readCatalogue({ name: "catalogue", content: head }, files(lines, "lines"), files(drives, "drives"));
}
