import type { Catalogue } from "../catalogue/schema.ts";
import {
  type Cells,
  list,
  number,
  optionalList,
  optionalNumber,
  optionalText,
  optionalYesNo,
  text,
  yesNo,
} from "./columns.ts";
import { tablesOfDrives } from "./of-drives.ts";
import type { Table } from "./table.ts";

type Lines = Catalogue["lines"];
const ofLines =
  <T extends object>(pick: (line: Lines[number]) => readonly T[]) =>
  ({ lines }: Catalogue): Cells[] =>
    lines.flatMap((line) => pick(line).map((row) => ({ line: line.id, ...row })));
const ofSizes =
  <T extends object>(pick: (size: Lines[number]["sizes"][number]) => readonly T[]) =>
  (catalogue: Catalogue): Cells[] =>
    ofLines((line) =>
      line.sizes.flatMap((size) =>
        pick(size).map((row) => ({ dn: size.dn, designation: size.designation, ...row })),
      ),
    )(catalogue);

const ofTrims = <T extends object>(pick: (trim: Lines[number]["flowTrims"][number]) => readonly T[]) =>
  ofLines((l) => l.flowTrims.flatMap((trim) => pick(trim).map((row) => ({ trim: trim.id, ...row }))));

const line = text("line");
const sizeKeys = [line, number("dn"), text("designation")];

/** Every table, parents before children. */
export const tables = {
  catalogue: {
    file: "catalogue.csv",
    says: "One row: name and revision of the catalogue.",
    columns: [text("format"), text("name"), number("revision"), text("status"), text("currency")],
    rows: ({ lines: _, drives: __, accessories: ___, ...head }) => [head],
  },
  lines: {
    file: "lines.csv",
    says: "One row for each product line: construction, features, torque over the stroke.",
    columns: [
      text("id"),
      text("maker"),
      text("name"),
      text("construction"),
      text("port"),
      text("sealing"),
      optionalYesNo("no_longer_made"),
      yesNo("fire_safe"),
      yesNo("anti_static"),
      yesNo("blow_out_proof_stem"),
      yesNo("ball_stops"),
      yesNo("vent_and_drain"),
      yesNo("seat_sealant"),
      yesNo("stem_extension"),
      optionalNumber("jacket_maximum_bar_g", "jacket.maximumBarG"),
      optionalNumber("jacket_maximum_c", "jacket.maximumC"),
      yesNo("vacuum"),
      yesNo("equalising_grooves"),
      optionalNumber("dead_end_factor"),
      text("bolting"),
      list("ends"),
      number("run_to_open", "stroke.runToOpen"),
      number("end_to_open", "stroke.endToOpen"),
      number("break_to_close", "stroke.breakToClose"),
      number("run_to_close", "stroke.runToClose"),
      number("end_to_close", "stroke.endToClose"),
      number("torque_includes_factor"),
    ],
    rows: ({ lines }) => lines,
  },
  grades: {
    file: "grades.csv",
    says: "Body grades of a product line.",
    columns: [line, text("grade"), number("price_factor")],
    rows: ofLines((l) => l.grades),
  },
  cavities: {
    file: "cavities.csv",
    says: "Seat and cavity arrangements of a product line.",
    columns: [line, text("arrangement"), number("price_factor")],
    rows: ofLines((l) => l.cavities),
  },
  trims: {
    file: "trims.csv",
    says: "Materials of closing member, stem, springs and coating.",
    columns: [
      line,
      text("id"),
      text("name"),
      text("ball"),
      text("stem"),
      optionalText("spring"),
      optionalText("coating"),
      number("price_factor"),
    ],
    rows: ofLines((l) => l.trims),
  },
  seats: {
    file: "seats.csv",
    says: "Seats of a product line. A curve of its own is named here and defined in seat-curves.csv.",
    columns: [
      line,
      text("seat"),
      number("price_factor"),
      optionalText("shut_off"),
      optionalText("execution"),
      optionalText("curve", "curve.name"),
    ],
    rows: ofLines((l) => l.seats),
  },
  seatCurves: {
    file: "seat-curves.csv",
    says: "Points of the limit curves of seats, in order of increasing temperature.",
    columns: [line, text("seat"), number("temperature_c"), number("pressure_bar_g")],
    rows: ofLines((l) =>
      l.seats.flatMap(({ seat, curve }) =>
        (curve?.temperatureC ?? []).map((temperatureC, i) => ({
          seat,
          temperatureC,
          pressureBarG: curve!.pressureBarG[i]!,
        })),
      ),
    ),
  },
  seals: {
    file: "seals.csv",
    says: "Sets of seals, packing and gaskets.",
    columns: [
      line,
      text("id"),
      text("name"),
      text("stem_seal"),
      optionalText("emission_class"),
      number("price_factor"),
    ],
    rows: ofLines((l) => l.seals),
  },
  sealParts: {
    file: "seal-parts.csv",
    says: "Materials of a seal set.",
    columns: [line, text("seals"), text("part"), text("seal"), yesNo("decompression_grade")],
    rows: ofLines((l) => l.seals.flatMap(({ id, parts }) => parts.map((p) => ({ seals: id, ...p })))),
  },
  sizes: {
    file: "sizes.csv",
    says: "One row for each size in a class: dimensions, stem, pad, weight, price.",
    columns: [
      ...sizeKeys,
      number("bore_mm"),
      number("stem_diameter_mm"),
      number("maximum_stem_torque_nm"),
      text("pad"),
      optionalText("stem_end", "stemEnd.form"),
      optionalNumber("stem_end_across_mm", "stemEnd.acrossMm"),
      optionalNumber("stem_end_height_mm", "stemEnd.heightMm"),
      optionalText("flats_when_open", "stemEnd.flats"),
      optionalNumber("keys", "stemEnd.keys"),
      optionalNumber("stem_lead_mm", "stemThread.leadMm"),
      optionalNumber("stem_thread_mean_diameter_mm", "stemThread.meanDiameterMm"),
      optionalNumber("stem_lift_mm", "stemThread.liftMm"),
      optionalNumber("maximum_stem_thrust_n", "stemThread.maximumThrustN"),
      optionalNumber("live_loading_height_mm", "liveLoading.heightMm"),
      optionalNumber("live_loading_tolerance_mm", "liveLoading.toleranceMm"),
      optionalNumber("pad_height_mm"),
      optionalNumber("flange_diameter_mm"),
      optionalNumber("face_to_face_mm"),
      number("weight_kg"),
      number("price"),
      number("closure_diameter_mm", "geometry.closureDiameterMm"),
      number("seat_contact_diameter_mm", "geometry.seatContactDiameterMm"),
      number("seat_width_mm", "geometry.seatWidthMm"),
      optionalNumber("seat_seal_diameter_mm", "geometry.seatSealDiameterMm"),
      number("seal_drag_n", "geometry.sealDragN"),
      optionalNumber("shaft_behind_mm", "geometry.offsetsMm.0"),
      optionalNumber("shaft_beside_mm", "geometry.offsetsMm.1"),
    ],
    rows: ofLines((l) => l.sizes),
  },
  joints: {
    file: "joints.csv",
    says: "Bolting of the pressure joints of a size, one row per joint; equal joints are stated once.",
    columns: [
      ...sizeKeys,
      text("bolting"),
      text("thread"),
      number("bolts"),
      optionalText("grade"),
      number("bolt_circle_mm"),
      text("gasket", "gasket.kind"),
      number("gasket_mean_diameter_mm", "gasket.meanDiameterMm"),
      number("effective_width_mm", "gasket.effectiveWidthMm"),
      number("gasket_factor", "gasket.factor"),
      number("seating_stress_mpa", "gasket.seatingStressMPa"),
      optionalNumber("torque_nm"),
    ],
    rows: ofSizes((s) => s.joints),
  },
  seatLoads: {
    file: "seat-loads.csv",
    says: "Spring or preload force on one seat.",
    columns: [...sizeKeys, text("seat"), number("load_n")],
    rows: ofSizes((s) => Object.entries(s.geometry.seatLoadN).map(([seat, loadN]) => ({ seat, loadN }))),
  },
  torques: {
    file: "torques.csv",
    says: "Breakaway torque by seat and differential pressure, in order of increasing differential.",
    columns: [...sizeKeys, text("seat"), number("differential_bar"), number("break_to_open_nm")],
    rows: ofSizes((s) =>
      Object.entries(s.torque.breakToOpenNm).flatMap(([seat, torques]) =>
        torques.map((breakToOpenNm, i) => ({
          seat,
          differentialBar: s.torque.differentialBar[i]!,
          breakToOpenNm,
        })),
      ),
    ),
  },
  flowTrims: {
    file: "flow-trims.csv",
    says: "Flow trims: kind, law of the curve, rangeability.",
    columns: [
      line,
      text("id"),
      text("name"),
      text("kind"),
      text("law"),
      number("rangeability"),
      optionalList("made_in"),
      yesNo("both_ways"),
    ],
    rows: ofLines((l) => l.flowTrims),
  },
  flowCurves: {
    file: "flow-curves.csv",
    says: "Factors of a trim over its opening, in increasing order, with the share of its coefficient if no law defines it.",
    columns: [
      line,
      text("trim"),
      number("opening_percent"),
      optionalNumber("share"),
      number("fl"),
      number("xt"),
      number("fd"),
      optionalNumber("xfz"),
      optionalNumber("torque_coefficient", "torque"),
      optionalNumber("closing_torque_coefficient", "closingTorque"),
    ],
    rows: ofTrims(({ curve }) => curve),
  },
  flowSizes: {
    file: "flow-sizes.csv",
    says: "Sizes of a trim with its rated Kv.",
    columns: [
      line,
      text("trim"),
      number("dn"),
      optionalText("designation"),
      number("kv"),
      optionalNumber("passage_mm"),
      number("price"),
    ],
    rows: ofTrims(({ sizes }) => sizes),
  },
  ...tablesOfDrives,
} as const satisfies Record<string, Table>;

export type TableName = keyof typeof tables;
export const tableNames = Object.keys(tables) as TableName[];
