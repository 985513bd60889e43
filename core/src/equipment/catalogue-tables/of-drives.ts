/** Tables of actuators and of their accessories. */
import { accessoryKinds } from "../accessories/kinds.ts";
import { driveKinds } from "../drives/drive-kinds.ts";
import type { DriveKind } from "../drives/kind.ts";
import {
  type Column,
  number,
  optionalList,
  optionalNumber,
  optionalText,
  optionalYesNo,
  text,
} from "./columns.ts";
import type { Table } from "./table.ts";

const kinds: Readonly<Record<string, typeof optionalText>> = {
  "?": optionalYesNo,
  $: optionalText,
  ";": optionalList,
};
/** Columns of which each kind fills its own: words end with "$", lists with ";", yes and no with "?". */
const own = (headings: readonly string[]): Column[] =>
  [...new Set(headings)].map((heading) => {
    const kind = kinds[heading.at(-1)!];
    return kind ? kind(heading.slice(0, -1)) : optionalNumber(heading);
  });
const ofKinds = (pick: (kind: DriveKind) => readonly string[]): Column[] => own(driveKinds.flatMap(pick));

/** Columns of every family, of actuators and accessories. */
const makerColumns: readonly Column[] = [
  text("id"),
  text("maker"),
  text("name"),
  text("kind"),
  optionalYesNo("low_temperature"),
  optionalYesNo("high_temperature"),
  optionalText("marking"),
  optionalText("enclosure"),
];

export const tablesOfDrives = {
  drives: {
    file: "drives.csv",
    says: "Families of operators and actuators.",
    columns: [
      ...makerColumns,
      optionalYesNo("hand_override"),
      optionalNumber("stops_degrees"),
      ...ofKinds((k) => k.columns.family),
    ],
    rows: ({ drives }) => drives,
  },
  driveSizes: {
    file: "drive-sizes.csv",
    says: "Sizes of operators and actuators. Each kind uses its own columns.",
    columns: [
      text("drive"),
      text("id"),
      ...ofKinds((k) => k.columns.size),
      text("flange"),
      optionalText("also_flange"),
      optionalText("bore", "end.form"),
      optionalNumber("bore_across_mm", "end.acrossMm"),
      optionalNumber("bore_depth_mm", "end.depthMm"),
      optionalNumber("length_mm", "outside.lengthMm"),
      optionalNumber("width_mm", "outside.widthMm"),
      optionalNumber("height_mm", "outside.heightMm"),
      optionalNumber("centre_of_gravity_mm", "outside.centreMm"),
      optionalNumber("stroke_seconds"),
      optionalNumber("spring_seconds"),
      number("weight_kg"),
      number("price"),
    ],
    rows: ({ drives }) => drives.flatMap((d) => d.sizes.map((s) => ({ drive: d.id, ...s }))),
  },
  springSets: {
    file: "spring-sets.csv",
    says: "Spring sets of spring-return actuators.",
    columns: [
      text("drive"),
      text("size"),
      text("id"),
      number("preload_n"),
      number("rate_n_per_mm"),
      number("price"),
    ],
    rows: ({ drives }) =>
      drives.flatMap((d) =>
        d.sizes.flatMap((s) =>
          "springSets" in s ? s.springSets.map((set) => ({ drive: d.id, size: s.id, ...set })) : [],
        ),
      ),
  },
  accessories: {
    file: "accessories.csv",
    says: "Families of accessories: solenoid valves, positioners, switches, volume tanks.",
    columns: [...makerColumns],
    rows: ({ accessories }) => accessories,
  },
  accessoryItems: {
    file: "accessory-items.csv",
    says: "Accessories. Each kind uses its own columns.",
    columns: [
      text("accessory"),
      text("id"),
      ...own(accessoryKinds.flatMap(({ columns }) => columns)),
      number("weight_kg"),
      number("price"),
    ],
    rows: ({ accessories }) =>
      accessories.flatMap((family) => family.items.map((item) => ({ accessory: family.id, ...item }))),
  },
} as const satisfies Record<string, Table>;
