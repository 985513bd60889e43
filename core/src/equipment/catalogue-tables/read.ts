import Papa from "papaparse";
import { type CatalogueReading, readCatalogueDocument } from "../catalogue/check.ts";
import type { CatalogueFault } from "../catalogue/fault.ts";
import { driveKinds } from "../drives/drive-kinds.ts";
import { Assembly, type Origins, type ReadRow } from "./assembly.ts";
import { type Cells, put, readCell } from "./columns.ts";
import { type TableName, tableNames, tables } from "./definitions.ts";

/** Rows under their headings, counted as a spreadsheet counts them: the headings are row 1. */
function readTable(name: TableName, csv: string, faults: CatalogueFault[]): ReadRow[] {
  const { file, columns } = tables[name];
  const parsed = Papa.parse<Record<string, string>>(csv.replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: (heading) => heading.trim().toLowerCase(),
  });
  const headings = parsed.meta.fields ?? [];
  const fault = (row: number, field: string, reason: string) => faults.push({ file, row, field, reason });
  // A column whose cells may be empty may be left out: tables of an earlier release have fewer.
  for (const { heading, optional } of columns)
    if (!optional && !headings.includes(heading)) fault(1, heading, "this column is missing");
  for (const heading of headings)
    if (!columns.some((c) => c.heading === heading))
      fault(1, heading, "unknown column; see the documentation");
  if (faults.some((f) => f.file === file)) return [];
  return parsed.data.map((cells, i) => {
    const values: Cells = {};
    for (const column of columns) {
      const read = readCell(cells[column.heading] ?? "", column);
      if ("fault" in read) fault(i + 2, column.heading, read.fault);
      else put(values, column.path, read.value);
    }
    return { values, row: i + 2 };
  });
}

/** Object from several columns; null where all are blank. */
const statedOrNull = (cellValue: unknown): unknown =>
  Object.values(cellValue as Cells).every((value) => value === null) ? null : cellValue;

function lineOf(assembly: Assembly, values: Cells, file: string): Cells {
  const id = { line: values.id };
  const jacket = values.jacket as { maximumBarG: number | null; maximumC: number | null };
  const seats = assembly.of("seats", id, `${file}|seats`).map((seat, i) => {
    const points = assembly.of("seatCurves", { ...id, seat: seat.seat }, `${file}|seats.${i}.curve`);
    const { name } = seat.curve as { name: string | null };
    const curve = {
      name,
      temperatureC: points.map((p) => p.temperatureC),
      pressureBarG: points.map((p) => p.pressureBarG),
    };
    return { ...seat, curve: name === null && points.length === 0 ? null : curve };
  });
  const seals = assembly.of("seals", id, `${file}|seals`).map((set, i) => ({
    ...set,
    parts: assembly.of("sealParts", { ...id, seals: set.id }, `${file}|seals.${i}.parts`),
  }));
  const flowTrims = assembly.of("flowTrims", id, `${file}|flowTrims`).map((trim, i) => ({
    ...trim,
    curve: assembly.of("flowCurves", { ...id, trim: trim.id }, `${file}|flowTrims.${i}.curve`),
    sizes: assembly.of("flowSizes", { ...id, trim: trim.id }, `${file}|flowTrims.${i}.sizes`),
  }));
  const sizes = assembly.of("sizes", id, `${file}|sizes`).map((size, i) => {
    const key = { ...id, dn: size.dn, designation: size.designation };
    const geometry = size.geometry as Cells & { offsetsMm: { 0: number | null; 1: number | null } };
    const { 0: behind, 1: beside } = geometry.offsetsMm;
    const loads = assembly.of("seatLoads", key, `${file}|sizes.${i}.geometry.seatLoadN`);
    const torques = assembly.of("torques", key, `${file}|sizes.${i}.torque`);
    const differentialBar = [...new Set(torques.map((t) => t.differentialBar as number))];
    const breakToOpenNm: Record<string, unknown[]> = {};
    for (const { seat, breakToOpenNm: torque } of torques) {
      breakToOpenNm[seat as string] ??= [];
      breakToOpenNm[seat as string]!.push(torque);
    }
    return {
      ...size,
      stemEnd: statedOrNull(size.stemEnd),
      stemThread: statedOrNull(size.stemThread),
      liveLoading: statedOrNull(size.liveLoading),
      joints: assembly.of("joints", key, `${file}|sizes.${i}.joints`),
      geometry: {
        ...geometry,
        offsetsMm: behind === null && beside === null ? null : [behind, beside],
        seatLoadN: Object.fromEntries(loads.map((l) => [l.seat, l.loadN])),
      },
      torque: { differentialBar, breakToOpenNm },
    };
  });
  return {
    ...values,
    // A line is discontinued only where its row states it.
    noLongerMade: values.noLongerMade ?? false,
    jacket: jacket.maximumBarG === null && jacket.maximumC === null ? null : jacket,
    grades: assembly.of("grades", id, `${file}|grades`),
    cavities: assembly.of("cavities", id, `${file}|cavities`),
    trims: assembly.of("trims", id, `${file}|trims`),
    seats,
    seals,
    flowTrims,
    sizes,
  };
}

/** Only filled columns: each kind has its own. */
const filled = (row: Cells): Cells =>
  Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null));

function familyOf(assembly: Assembly, values: Cells, file: string): Cells {
  const sprung = driveKinds.find(({ kind }) => kind === values.kind)?.sprung ?? false;
  const sizes = assembly.of("driveSizes", { drive: values.id }, `${file}|sizes`).map((size, i) => ({
    ...filled(size),
    end: statedOrNull(size.end),
    outside: statedOrNull(size.outside),
    ...(sprung && {
      springSets: assembly.of(
        "springSets",
        { drive: values.id, size: size.id },
        `${file}|sizes.${i}.springSets`,
      ),
    }),
  }));
  return { ...filled(values), sizes };
}

function accessoriesOf(assembly: Assembly, values: Cells, file: string): Cells {
  const items = assembly.of("accessoryItems", { accessory: values.id }, `${file}|items`);
  return { ...filled(values), items: items.map(filled) };
}

/** The row a fault of the assembled document comes from; the field stays as the document names it. */
function placed(fault: CatalogueFault, origins: Origins): CatalogueFault {
  const parts = fault.field.split(".");
  for (let length = parts.length; length >= 0; length--) {
    const origin = origins.get(`${fault.file}|${parts.slice(0, length).join(".")}`);
    if (!origin) continue;
    const { file, columns } = tables[origin.name];
    const rest = parts.slice(length).join(".");
    const heading = columns.find((c) => c.path === rest)?.heading;
    return { file, row: origin.row, field: heading ?? (rest || fault.field), reason: fault.reason };
  }
  return fault;
}

/**
 * Reads a catalogue from its CSV tables. Every fault has table, row and column; with any fault nothing is imported.
 *
 * @param files text of each table by file name; tables of flow trims, drives and accessories may be left out
 * @returns the catalogue, or the faults; rows are counted from the headings as row 1
 * @source docs/catalogue.md
 * @example readCatalogueTables({}).faults[0].file // → "catalogue.csv"
 */
export function readCatalogueTables(files: Readonly<Record<string, string>>): CatalogueReading {
  const faults: CatalogueFault[] = [];
  const optional: readonly TableName[] = [
    "seatCurves",
    "joints",
    "flowTrims",
    "flowCurves",
    "flowSizes",
    "drives",
    "driveSizes",
    "springSets",
    "accessories",
    "accessoryItems",
  ];
  const known = new Set<string>(tableNames.map((n) => tables[n].file));
  for (const file of Object.keys(files))
    if (!known.has(file)) faults.push({ file, row: null, field: "(whole file)", reason: "unknown table" });
  const read = Object.fromEntries(
    tableNames.map((name) => {
      const csv = files[tables[name].file];
      if (csv === undefined && !optional.includes(name))
        faults.push({
          file: tables[name].file,
          row: null,
          field: "(whole file)",
          reason: "this table is missing",
        });
      return [name, csv === undefined ? [] : readTable(name, csv, faults)];
    }),
  ) as unknown as Record<TableName, ReadRow[]>;
  if (faults.length > 0) return { catalogue: null, faults };

  const assembly = new Assembly(read);
  for (const name of ["grades", "cavities", "trims", "seats", "seals", "flowTrims", "sizes"] as const)
    assembly.orphans(name, "lines", [["line", "id"]]);
  assembly.orphans("seatCurves", "seats", [
    ["line", "line"],
    ["seat", "seat"],
  ]);
  assembly.orphans("sealParts", "seals", [
    ["line", "line"],
    ["seals", "id"],
  ]);
  for (const name of ["flowCurves", "flowSizes"] as const)
    assembly.orphans(name, "flowTrims", [
      ["line", "line"],
      ["trim", "id"],
    ]);
  for (const name of ["seatLoads", "torques", "joints"] as const)
    assembly.orphans(name, "sizes", [
      ["line", "line"],
      ["dn", "dn"],
      ["designation", "designation"],
    ]);
  assembly.orphans("driveSizes", "drives", [["drive", "id"]]);
  assembly.orphans("springSets", "driveSizes", [
    ["drive", "drive"],
    ["size", "id"],
  ]);
  assembly.orphans("accessoryItems", "accessories", [["accessory", "id"]]);
  if (assembly.faults.length > 0) return { catalogue: null, faults: assembly.faults };

  const tableOf = (
    name: "lines" | "drives" | "accessories",
    build: (a: Assembly, values: Cells, file: string) => Cells,
  ) =>
    read[name].map(({ values, row }) => {
      const file = `${name}/${String(values.id)}`;
      assembly.origins.set(`${file}|`, { name, row });
      return build(assembly, values, file);
    });
  assembly.origins.set("catalogue|", { name: "catalogue", row: 2 });
  const reading = readCatalogueDocument({
    ...(read.catalogue[0]?.values ?? {}),
    lines: tableOf("lines", lineOf),
    drives: tableOf("drives", familyOf),
    accessories: tableOf("accessories", accessoriesOf),
  });
  return reading.catalogue
    ? reading
    : { catalogue: null, faults: reading.faults.map((f) => placed(f, assembly.origins)) };
}
