import type { ProductLine } from "@proven-seat/core/catalogue";
import { faceToFaceMm } from "@proven-seat/core/reference";
import {
  type BreakTorque,
  boreOf,
  discBreak,
  floatingBreak,
  sized,
  threeFigures,
  trunnionBreak,
} from "./geometry.ts";

const classFactor: Record<number, number> = { 150: 1, 300: 1.35, 600: 2.1, 900: 3.2, 1500: 4.8 };
const sizesTo = (most: number, from = 15) =>
  [15, 20, 25, 32, 40, 50, 65, 80, 100, 125, 150, 200, 250, 300, 350, 400, 450, 500, 600].filter(
    (dn) => dn >= from && dn <= most,
  );

interface Make {
  line: Omit<ProductLine, "sizes">;
  /** Largest size in each class, and the smallest. */
  range: Record<number, [from: number, to: number]>;
  breakOf: (boreMm: number) => BreakTorque;
  allowableShearMPa: number;
  thinnestStem: (dn: number) => number;
  price: (dn: number) => number;
  weight: (dn: number) => number;
}

function make({ line, range, breakOf, allowableShearMPa, thinnestStem, price, weight }: Make): ProductLine {
  const seats = line.seats.map((s) => s.seat);
  const sizes = Object.entries(range).flatMap(([text, [from, to]]) => {
    const classNumber = Number(text);
    return sizesTo(to, from).map((dn) => {
      const boreMm = boreOf(classNumber, dn);
      const heavy = classFactor[classNumber]!;
      return {
        dn,
        designation: `class ${classNumber}`,
        boreMm,
        ...sized(classNumber, seats, breakOf(boreMm), allowableShearMPa, thinnestStem(dn)),
        faceToFaceMm:
          line.mounting === "disc"
            ? Math.round(30 + 0.22 * dn * Math.sqrt(heavy))
            : faceToFaceMm(classNumber, dn, "long"),
        weightKg: threeFigures(weight(dn) * heavy ** 0.9),
        price: Math.round((price(dn) * heavy) / 5) * 5,
      };
    });
  });
  return { ...line, sizes };
}

const softSeals = {
  id: "ptfe",
  name: "PTFE chevron packing, PTFE gasket",
  parts: [
    { part: "packing", seal: "ptfe-chevron" },
    { part: "body gasket", seal: "ptfe-gasket" },
  ],
  priceFactor: 1,
};
const graphiteSeals = {
  id: "graphite",
  name: "Graphite packing and gasket",
  parts: [
    { part: "packing", seal: "graphite-packing" },
    { part: "body gasket", seal: "graphite-gasket" },
  ],
  priceFactor: 1.04,
};
const ringSeals = (id: string, name: string, seal: string, priceFactor: number) => ({
  id,
  name: `${name} rings, graphite packing and gasket`,
  parts: [
    { part: "stem and seat rings", seal },
    { part: "packing", seal: "graphite-packing" },
    { part: "body gasket", seal: "graphite-gasket" },
  ],
  priceFactor,
});

const trim316 = { id: "316", name: "316 ball and stem", metals: ["austenitic 316"], priceFactor: 1 };
const trim174 = {
  id: "17-4",
  name: "316 ball, 17-4PH stem",
  metals: ["austenitic 316", "17-4PH"],
  priceFactor: 1.05,
};
const trimDuplex = {
  id: "duplex",
  name: "22Cr duplex ball and stem",
  metals: ["22Cr duplex"],
  priceFactor: 1.28,
};
const trimSuperDuplex = {
  id: "super-duplex",
  name: "25Cr super duplex ball and stem",
  metals: ["25Cr super duplex"],
  priceFactor: 1.5,
};
const generic = (seat: string, priceFactor: number) => ({ seat, priceFactor, curve: null });

const ballStroke = {
  runToOpen: 0.6,
  endToOpen: 0.65,
  breakToClose: 0.65,
  runToClose: 0.55,
  endToClose: 0.85,
};

export const demoLines = (): ProductLine[] => [
  make({
    line: {
      id: "fennimoor-two-piece",
      maker: "Fennimoor Valve Works",
      name: "FW-2",
      construction: "Floating ball, two-piece",
      mounting: "floating",
      entry: "end entry",
      port: "full",
      cavity: "plain",
      sealing: "both ways",
      barriers: 1,
      inLineRepair: false,
      fireSafe: true,
      ends: ["flanged RF", "flanged RTJ"],
      grades: [
        { grade: "A216 WCB", priceFactor: 1 },
        { grade: "A352 LCC", priceFactor: 1.15 },
        { grade: "A351 CF8M", priceFactor: 1.7 },
        { grade: "A995 4A", priceFactor: 2.3 },
      ],
      trims: [trim316, trimDuplex],
      seats: [generic("ptfe", 1), generic("tfm", 1.03), generic("ptfe-ss", 1.08), generic("peek", 1.22)],
      seals: [softSeals, graphiteSeals],
      stroke: ballStroke,
      torqueIncludesFactor: 1,
    },
    range: { 150: [15, 200], 300: [15, 150], 600: [15, 100] },
    breakOf: floatingBreak,
    allowableShearMPa: 150,
    thinnestStem: (dn) => 8 + 0.14 * dn,
    price: (dn) => 70 + 1.1 * dn ** 1.42,
    weight: (dn) => 1 + 0.0085 * dn ** 1.85,
  }),
  make({
    line: {
      id: "osmere-three-piece",
      maker: "Osmere Flow",
      name: "Trio",
      construction: "Floating ball, three-piece",
      mounting: "floating",
      entry: "swing-out centre",
      port: "full",
      cavity: "plain",
      sealing: "both ways",
      barriers: 1,
      inLineRepair: true,
      fireSafe: false,
      ends: ["threaded", "socket-weld", "butt-weld", "flanged RF"],
      grades: [
        { grade: "A105", priceFactor: 1 },
        { grade: "A350 LF2", priceFactor: 1.12 },
        { grade: "A182 F316", priceFactor: 1.55 },
      ],
      trims: [trim316],
      seats: [
        generic("ptfe", 1),
        {
          seat: "tfm",
          priceFactor: 1.03,
          curve: {
            name: "Trio T",
            temperatureC: [-60, 38, 100, 150, 200, 232],
            pressureBarG: [96, 96, 68, 45, 21, 8],
          },
        },
        generic("ptfe-ss", 1.09),
        generic("peek", 1.25),
      ],
      seals: [softSeals, graphiteSeals],
      stroke: ballStroke,
      torqueIncludesFactor: 1.1,
    },
    range: { 150: [15, 100], 300: [15, 100], 600: [15, 80], 1500: [15, 40] },
    breakOf: floatingBreak,
    allowableShearMPa: 160,
    thinnestStem: (dn) => 8 + 0.16 * dn,
    price: (dn) => 95 + 1.5 * dn ** 1.4,
    weight: (dn) => 1.1 + 0.0095 * dn ** 1.87,
  }),
  make({
    line: {
      id: "fennimoor-trunnion",
      maker: "Fennimoor Valve Works",
      name: "FW-T",
      construction: "Trunnion ball, side entry",
      mounting: "trunnion",
      entry: "side entry, three-piece bolted",
      port: "full",
      cavity: "two self-relieving seats",
      sealing: "both ways",
      barriers: 2,
      inLineRepair: false,
      fireSafe: true,
      ends: ["flanged RF", "flanged RTJ", "butt-weld"],
      grades: [
        { grade: "A216 WCB", priceFactor: 1 },
        { grade: "A352 LCC", priceFactor: 1.12 },
        { grade: "A351 CF8M", priceFactor: 1.75 },
        { grade: "A995 6A", priceFactor: 2.9 },
      ],
      trims: [trim316, trim174, trimSuperDuplex],
      seats: [
        {
          seat: "tfm",
          priceFactor: 1,
          curve: {
            name: "FW-T soft",
            temperatureC: [-60, 38, 93, 149, 204, 232],
            pressureBarG: [105, 105, 80, 52, 24, 8],
          },
        },
        generic("ptfe-ss", 1.05),
        generic("peek", 1.16),
        generic("metal-wc", 1.75),
      ],
      seals: [
        ringSeals("fkm", "FKM", "fkm", 1),
        ringSeals("hnbr", "HNBR", "hnbr", 1.02),
        ringSeals("lip", "Spring-energised PTFE lip", "ptfe-lip", 1.14),
        { ...graphiteSeals, id: "hot", name: "Graphite rings, packing and gasket", priceFactor: 1.3 },
      ],
      stroke: { runToOpen: 0.65, endToOpen: 0.7, breakToClose: 0.7, runToClose: 0.6, endToClose: 0.85 },
      torqueIncludesFactor: 1,
    },
    range: { 150: [50, 600], 300: [50, 600], 600: [50, 600], 900: [50, 500], 1500: [50, 300] },
    breakOf: trunnionBreak,
    allowableShearMPa: 220,
    thinnestStem: (dn) => 14 + 0.13 * dn,
    price: (dn) => 620 + 3.1 * dn ** 1.45,
    weight: (dn) => 8 + 0.0155 * dn ** 1.9,
  }),
  make({
    line: {
      id: "osmere-double-offset",
      maker: "Osmere Flow",
      name: "Vane 2",
      construction: "Butterfly, double-offset",
      mounting: "disc",
      entry: "wafer and lug",
      port: "wafer disc",
      cavity: "none",
      sealing: "one way",
      barriers: 1,
      inLineRepair: false,
      fireSafe: false,
      ends: ["wafer", "lug"],
      grades: [
        { grade: "A216 WCB", priceFactor: 1 },
        { grade: "A351 CF8M", priceFactor: 1.5 },
        { grade: "A995 4A", priceFactor: 2.1 },
      ],
      trims: [
        { id: "316", name: "316 disc, 17-4PH shaft", metals: ["austenitic 316", "17-4PH"], priceFactor: 1 },
        { id: "duplex", name: "22Cr duplex disc and shaft", metals: ["22Cr duplex"], priceFactor: 1.3 },
      ],
      seats: [
        {
          seat: "tfm",
          priceFactor: 1,
          curve: {
            name: "Vane T",
            temperatureC: [-60, 38, 93, 149, 200, 232],
            pressureBarG: [51, 51, 40, 28, 12, 5],
          },
        },
        {
          seat: "ptfe-ss",
          priceFactor: 1.08,
          curve: {
            name: "Vane S",
            temperatureC: [-30, 38, 93, 149, 204, 260],
            pressureBarG: [51, 51, 46, 38, 27, 12],
          },
        },
      ],
      seals: [softSeals, graphiteSeals],
      stroke: { runToOpen: 0.45, endToOpen: 0.4, breakToClose: 0.4, runToClose: 0.45, endToClose: 0.9 },
      torqueIncludesFactor: 1,
    },
    range: { 150: [80, 600], 300: [80, 400] },
    breakOf: discBreak,
    allowableShearMPa: 200,
    thinnestStem: (dn) => 8 + 0.09 * dn,
    price: (dn) => 150 + 0.62 * dn ** 1.35,
    weight: (dn) => 3 + 0.0035 * dn ** 1.82,
  }),
];
