/** A shelf small enough for hand calculation, and a duty that everything on it meets. */

import { defaultHouseRules, type HouseRules } from "../src/basis/house/house-rules.ts";
import { type Duty, dutySchema } from "../src/duty/statement/duty.ts";
import { readCatalogueDocument } from "../src/equipment/catalogue/check.ts";
import type { Catalogue } from "../src/equipment/catalogue/schema.ts";
import { compileShelf, type Shelf } from "../src/equipment/catalogue/shelf.ts";
import type { ProvenCandidate } from "../src/judgement/proof/candidate.ts";
import { prover } from "../src/judgement/proof/prover.ts";
import type { Finding } from "../src/judgement/rules/found.ts";

const torque = (scale: number) => ({
  differentialBar: [0, 50],
  breakToOpenNm: { ptfe: [20 * scale, 60 * scale], peek: [40 * scale, 100 * scale] },
});

const common = {
  maker: "Fennimoor Valve Works",
  port: "full",
  fireSafe: true,
  antiStatic: true,
  blowOutProofStem: true,
  ballStops: true,
  ventAndDrain: true,
  seatSealant: true,
  stemExtension: true,
  jacket: { maximumBarG: 10, maximumC: 200 },
  vacuum: true,
  equalisingGrooves: true,
  deadEndFactor: null,
  bolting: "b7",
  ends: ["flanged RF"],
  grades: [{ grade: "A216 WCB", priceFactor: 1 }],
  trims: [
    {
      id: "316",
      name: "316",
      ball: "austenitic 316",
      stem: "austenitic 316",
      spring: null,
      coating: null,
      priceFactor: 1,
    },
  ],
  seats: [
    { seat: "ptfe", priceFactor: 1, shutOff: "A", curve: null },
    { seat: "peek", priceFactor: 1.2, shutOff: "B", curve: null },
  ],
  seals: [
    {
      id: "graphite",
      name: "Graphite",
      stemSeal: "adjustable gland",
      emissionClass: "B",
      parts: [
        { part: "packing", seal: "graphite-packing" },
        { part: "seat fire rings", seal: "graphite-packing" },
        { part: "body gasket", seal: "graphite-gasket" },
      ],
      priceFactor: 1,
    },
  ],
  stroke: { runToOpen: 0.5, endToOpen: 0.6, breakToClose: 0.6, runToClose: 0.5, endToClose: 0.8 },
  torqueIncludesFactor: 1,
};
const size = {
  dn: 50,
  designation: "class 300",
  boreMm: 49,
  stemDiameterMm: 25,
  maximumStemTorqueNm: 400,
  pad: "F07",
  stemEnd: { form: "square parallel", acrossMm: 17, heightMm: 18 },
  padHeightMm: 110,
  flangeDiameterMm: 165,
  faceToFaceMm: 216,
  weightKg: 20,
  price: 500,
  geometry: {
    closureDiameterMm: 78,
    seatContactDiameterMm: 56,
    seatWidthMm: 6,
    seatSealDiameterMm: 66 as number | null,
    sealDragN: 50,
    seatLoadN: { ptfe: 2000, peek: 3000 },
    offsetsMm: null,
  },
  torque: torque(1),
};

const sits = {
  end: { form: "double square", acrossMm: 17, depthMm: 20 },
  outside: { lengthMm: 140, widthMm: 90, heightMm: 100, centreMm: 50 },
};

export const catalogueDocument = {
  format: "proven-seat-catalogue/5",
  name: "Fixture",
  revision: 1,
  status: "made up",
  currency: "EUR",
  lines: [
    {
      ...common,
      id: "floating",
      name: "F",
      construction: "floating-two-piece",
      cavities: [{ arrangement: "self-relieving seat", priceFactor: 1 }],
      sealing: "both ways",
      sizes: [size],
    },
    {
      ...common,
      id: "trunnion",
      name: "T",
      construction: "trunnion-top-entry",
      cavities: [{ arrangement: "two self-relieving", priceFactor: 1 }],
      sealing: "both ways",
      sizes: [
        {
          ...size,
          price: 900,
          torque: torque(0.5),
          geometry: { ...size.geometry, seatSealDiameterMm: 66, sealDragN: 50 },
        },
      ],
    },
  ],
  drives: [
    {
      id: "rp",
      maker: "Quillhaven Actuation",
      name: "RP",
      kind: "rack-and-pinion",
      stopsDegrees: 5,
      maximumAirBarG: 8,
      sizes: [60, 90, 120].map((piston) => ({
        id: `RP ${piston}`,
        pistonDiameterMm: piston,
        pistonCount: 2,
        pinionPitchRadiusMm: piston / 4,
        efficiency: 0.9,
        springSets: [
          { id: "S4", preloadN: 0.0314 * 4 * piston ** 2, rateNPerMm: 0.0667 * piston, price: 40 },
        ],
        flange: "F07",
        ...sits,
        weightKg: piston / 10,
        price: piston * 2,
      })),
    },
    {
      id: "el",
      maker: "Tarrowby Controls",
      name: "EL",
      kind: "electric on-off",
      stopsDegrees: 5,
      sizes: [
        {
          id: "EL 150",
          torqueAtMinimumVoltageNm: 150,
          stallTorqueNm: 220,
          flange: "F07",
          ...sits,
          weightKg: 20,
          price: 900,
        },
      ],
    },
  ],
};

type Line = Catalogue["lines"][number];

/** The fixture catalogue with its lines changed. */
export function shelfWith(change: (line: Line) => Line = (line) => line): Shelf {
  const { catalogue, faults } = readCatalogueDocument(catalogueDocument);
  if (!catalogue) throw new Error(JSON.stringify(faults));
  return compileShelf({ ...catalogue, lines: catalogue.lines.map(change) });
}

type CaseInput = Partial<Duty["cases"][number]>;

/** A complete duty; `cases` only need what differs from 10 bar g at 40 °C, vented downstream. */
export function dutyWith(
  change: Partial<Omit<Duty, "cases" | "fluid">> & {
    cases?: CaseInput[];
    fluid?: Partial<Duty["fluid"]>;
  } = {},
): Duty {
  const { cases = [{}], fluid, ...rest } = change;
  // Another family with the substance of the fixture would contradict it, and both would be judged.
  const substance = fluid?.family === undefined ? "stabilised-condensate" : null;
  return dutySchema.parse({
    dn: 50,
    lineDesignation: "class 300",
    endConnection: "flanged RF",
    fluid: {
      name: "condensate",
      substance,
      family: "sweet hydrocarbon liquid",
      phase: "liquid",
      hazards: [],
      solidsPercent: 0,
      ...fluid,
    },
    port: "reduced accepted",
    installation: "indoor",
    function: ["on-off isolation"],
    flowDirection: "both ways",
    shutOff: "B",
    fireSafe: false,
    inLineRepair: false,
    operator: "pneumatic",
    onSupplyLoss: "closes",
    airMinimumBarG: 5,
    airMaximumBarG: 7,
    longestShutDays: 0,
    strokesPerYear: 12,
    ambientMinimumC: 0,
    ambientMaximumC: 30,
    ...rest,
    cases: cases.map((c, i) => ({
      id: `c${i + 1}`,
      kind: "normal",
      name: `case ${i + 1}`,
      upstreamBarG: 10,
      downstreamBarG: 0,
      temperatureC: 40,
      ...c,
    })),
  });
}

type Change = NonNullable<Parameters<typeof dutyWith>[0]>;

/** As `dutyWith`, with all contents of the fluid and all demands stated: nothing is left to assume. */
export const statedInFull = ({ fluid, ...rest }: Change = {}): Duty =>
  dutyWith({
    lineTestBarG: 0,
    deadEnd: false,
    emissionClass: "C",
    ...rest,
    fluid: {
      h2sKPa: 0,
      hydrogenBarA: 0,
      carbonDioxideBarA: 0,
      chloridesMgL: 0,
      waterDewPointC: -60,
      sulphurPercent: 0,
      fibres: false,
      ...fluid,
    },
  });

export interface Setting {
  duty?: Duty;
  house?: Partial<HouseRules>;
  shelf?: Shelf;
  /** Picks the candidate: line id and seat. */
  line?: string;
  seat?: string;
  drive?: string;
}

/** Proves one candidate of the fixture. */
export function proven({
  duty = dutyWith(),
  house = {},
  shelf = shelfWith(),
  line = "floating",
  seat = "ptfe",
  drive,
}: Setting = {}): ProvenCandidate {
  const proving = prover(duty, shelf, { ...defaultHouseRules(), ...house });
  if (drive !== undefined) {
    const valve = shelf.valvesFor(duty.dn!).find((v) => v.line.id === line && v.seat.material.id === seat)!;
    return proving.drivesFor(valve).find((c) => c.drive?.key === drive)!;
  }
  return proving.candidates().find((c) => c.valve.line.id === line && c.valve.seat.material.id === seat)!;
}

/** Finding of one rule about one candidate of the fixture. */
export function findingOn(rule: string, setting: Setting = {}): Finding {
  const finding = proven(setting).findings.find((f) => f.rule === rule);
  if (!finding) throw new Error(`no rule ${rule}`);
  return finding;
}
