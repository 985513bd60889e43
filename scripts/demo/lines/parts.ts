/** Trims, seals and seats several demo lines share. */
import type { ProductLine } from "@proven-seat/core/equipment/catalogue";

type Seals = ProductLine["seals"][number];
type Trim = ProductLine["trims"][number];
type Seat = ProductLine["seats"][number];
type Parts = Seals["parts"];

const seals = (
  id: string,
  name: string,
  stemSeal: Seals["stemSeal"],
  emissionClass: Seals["emissionClass"],
  priceFactor: number,
  parts: [part: string, seal: string, graded?: boolean][],
): Seals => ({
  id,
  name,
  stemSeal,
  emissionClass,
  parts: parts.map(([part, seal, decompressionGrade = false]) => ({
    part,
    seal,
    decompressionGrade,
  })) as Parts,
  priceFactor,
});

export const softSeals = seals("ptfe", "PTFE chevron packing, PTFE gasket", "live-loaded stack", "B", 1, [
  ["packing", "ptfe-chevron"],
  ["body gasket", "ptfe-gasket"],
]);
export const graphiteSeals = seals("graphite", "Graphite packing and gasket", "adjustable gland", "C", 1.04, [
  ["packing", "graphite-packing"],
  ["body gasket", "graphite-gasket"],
]);
export const liveGraphiteSeals = seals(
  "live-graphite",
  "Live-loaded graphite packing, graphite gasket",
  "live-loaded stack",
  "B",
  1.09,
  [
    ["packing", "graphite-packing"],
    ["body gasket", "graphite-gasket"],
  ],
);
export const doubleSeals = seals(
  "double",
  "PTFE packing, leak-off, graphite packing behind it, graphite gasket",
  "double packing with leak-off",
  "A",
  1.16,
  [
    ["inner packing", "ptfe-chevron"],
    ["outer packing", "graphite-packing"],
    ["body gasket", "graphite-gasket"],
  ],
);
export const hotSeals = seals("hot", "Graphite rings, packing and gasket", "adjustable gland", "B", 1.3, [
  ["seat rings", "graphite-packing"],
  ["packing", "graphite-packing"],
  ["body gasket", "graphite-gasket"],
]);
export const ringSeals = (id: string, name: string, seal: string, graded: boolean, priceFactor: number) =>
  seals(id, `${name} rings, graphite packing and gasket`, "O-ring and packing", "B", priceFactor, [
    ["stem and seat rings", seal, graded],
    ["seat fire rings", "graphite-packing"],
    ["packing", "graphite-packing"],
    ["body gasket", "graphite-gasket"],
  ]);
export const lipSeals = seals(
  "lip",
  "Spring-energised PTFE lips, PTFE packing, graphite gasket",
  "live-loaded stack",
  "A",
  1.14,
  [
    ["stem and seat lips", "ptfe-lip"],
    ["packing", "ptfe-chevron"],
    ["body gasket", "graphite-gasket"],
  ],
);
export const leakOffSeals = seals(
  "leak-off",
  "PTFE lips, leak-off, graphite packing behind it, graphite fire rings and gasket",
  "double packing with leak-off",
  "A",
  1.22,
  [
    ["stem and seat lips", "ptfe-lip"],
    ["seat fire rings", "graphite-packing"],
    ["packing", "graphite-packing"],
    ["body gasket", "graphite-gasket"],
  ],
);
export const coldSeals = seals(
  "cold",
  "PTFE lips, live-loaded graphite packing, graphite fire rings and gasket",
  "live-loaded stack",
  "A",
  1,
  [
    ["stem and seat lips", "ptfe-lip"],
    ["seat fire rings", "graphite-packing"],
    ["packing", "graphite-packing"],
    ["body gasket", "graphite-gasket"],
  ],
);
export const liningSeals = seals("lining", "Lining collar and shaft ring", "O-ring and packing", "C", 1, [
  ["shaft ring", "epdm"],
]);

const trim = (
  id: string,
  name: string,
  ball: string,
  stem: string,
  priceFactor: number,
  more: { spring?: string; coating?: string } = {},
): Trim => ({
  id,
  name,
  ball,
  stem,
  spring: more.spring ?? null,
  coating: more.coating ?? null,
  priceFactor,
});

const spring = "X-750 spring";
export const trim316 = trim("316", "316 closure and stem", "austenitic 316", "austenitic 316", 1);
export const trim174 = trim("17-4", "316 closure, 17-4PH stem", "austenitic 316", "17-4PH", 1.05);
export const trimDuplex = trim("duplex", "22Cr duplex closure and stem", "22Cr duplex", "22Cr duplex", 1.28);
export const trim400 = trim("400", "Alloy 400 closure and stem", "alloy 400", "alloy 400", 2.1);
export const trimBronze = trim(
  "bronze",
  "Nickel aluminium bronze disc, 316 shaft",
  "nickel aluminium bronze",
  "austenitic 316",
  1.1,
);
export const trimHard = trim(
  "hard",
  "Tungsten-carbide coated duplex closure, duplex stem",
  "22Cr duplex",
  "22Cr duplex",
  1.45,
  { coating: "tungsten carbide coating" },
);
export const trimCobalt = trim(
  "cobalt",
  "Cobalt-faced 316 closure, 316 stem",
  "austenitic 316",
  "austenitic 316",
  1.3,
  { coating: "cobalt hardfacing" },
);
export const trimCobaltSuper = trim(
  "cobalt-super",
  "Cobalt-faced super duplex closure, super duplex stem",
  "25Cr super duplex",
  "25Cr super duplex",
  1.7,
  { coating: "cobalt hardfacing" },
);
export const sprung = (trim: Trim): Trim => ({
  ...trim,
  id: `${trim.id}-s`,
  name: `${trim.name}, X-750 springs`,
  spring,
});
export const trimSuperDuplex = trim(
  "super-duplex",
  "25Cr super duplex closure and stem",
  "25Cr super duplex",
  "25Cr super duplex",
  1.5,
);
export const trimC276 = trim(
  "c276",
  "C-276 closure and stem",
  "alloy 625 or C-276",
  "alloy 625 or C-276",
  2.7,
);
export const trimTitanium = trim("titanium", "Titanium closure and stem", "titanium", "titanium", 2.3);
export const trim625 = trim(
  "625",
  "Alloy 625 closure and stem",
  "alloy 625 or C-276",
  "alloy 625 or C-276",
  2.6,
);

export const generic = (seat: string, priceFactor: number, shutOff: Seat["shutOff"] = "A"): Seat => ({
  seat,
  priceFactor,
  shutOff,
  execution: null,
  curve: null,
});
/** A seat whose maker states its contact with the closure. */
export const made = (execution: Seat["execution"], seat: Seat): Seat => ({ ...seat, execution });
export const measured = (
  seat: string,
  priceFactor: number,
  shutOff: Seat["shutOff"],
  name: string,
  points: [temperatureC: number, pressureBarG: number][],
): Seat => ({
  seat,
  priceFactor,
  shutOff,
  execution: null,
  curve: { name, temperatureC: points.map((p) => p[0]), pressureBarG: points.map((p) => p[1]) },
});

/** Usual promises; each line states where it differs. */
export const usual = {
  sealing: "both ways",
  noLongerMade: false,
  fireSafe: true,
  antiStatic: true,
  blowOutProofStem: true,
  ballStops: true,
  ventAndDrain: false,
  seatSealant: false,
  stemExtension: false,
  jacket: null,
  vacuum: true,
  equalisingGrooves: false,
  deadEndFactor: null,
  bolting: "b7m",
  torqueIncludesFactor: 1,
} as const satisfies Partial<ProductLine>;

export const ballStroke = {
  runToOpen: 0.6,
  endToOpen: 0.65,
  breakToClose: 0.65,
  runToClose: 0.55,
  endToClose: 0.85,
};
export const fixedBallStroke = {
  runToOpen: 0.65,
  endToOpen: 0.7,
  breakToClose: 0.7,
  runToClose: 0.6,
  endToClose: 0.85,
};
export const discStroke = {
  runToOpen: 0.45,
  endToOpen: 0.4,
  breakToClose: 0.4,
  runToClose: 0.45,
  endToClose: 0.9,
};
export const plugStroke = {
  runToOpen: 0.9,
  endToOpen: 0.9,
  breakToClose: 0.9,
  runToClose: 0.85,
  endToClose: 0.95,
};
