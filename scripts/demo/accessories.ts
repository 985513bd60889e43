import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { padOf } from "@proven-seat/core/basis/reference";
import type { AccessoryFamily } from "@proven-seat/core/equipment/accessories";
import { bracketFor, couplingFor } from "@proven-seat/core/mechanics/fit-up";
import { threeFigures } from "./geometry.ts";

const controls = "Tarrowby Controls";
const quillhaven = "Quillhaven Actuation";

/** Mechanical parts of metal and cold-proof rubber. */
const plain = { lowTemperature: true, highTemperature: true, marking: null, enclosure: null } as const;

/** Encapsulated coils and switches for gas and dust, in both systems of areas. */
const electrical = {
  lowTemperature: true,
  highTemperature: false,
  marking:
    "II 2G Ex db IIC T5 Gb; II 2D Ex tb IIIC T100°C Db; Class I, II Div 1 Groups B, C, D, E, F, G T5; Ta -20 °C to +60 °C",
  enclosure: "IP66/IP67, type 4X",
} as const;

const coils = ["24 V DC", "110 V DC", "110 V AC", "230 V AC"] as const;
const signals = ["4–20 mA", "digital bus"] as const;

/** Port, flow coefficient, weight and price of the valves of one maker. */
const ports = [
  { port: "1/4", cv: 0.9, weightKg: 0.6, price: 190 },
  { port: "1/2", cv: 3.2, weightKg: 1.4, price: 340 },
  { port: "1", cv: 9, weightKg: 4.2, price: 780 },
] as const;

const flanges = ["F05", "F07", "F10", "F12", "F14", "F16", "F25", "F30"] as const;
/** The usual square on each flange. */
const squares = [14, 17, 22, 27, 36, 46, 55, 75] as const;
const house = defaultHouseRules();
const square = (acrossMm: number, heightMm: number) =>
  ({ form: "square parallel", acrossMm, heightMm, flats: null, keys: null }) as const;

/** Brackets between a flange, itself and its neighbours, as strong as the weaker of the two pads. */
const brackets = () =>
  flanges.flatMap((lowerFlange, index) =>
    flanges.slice(Math.max(0, index - 1), index + 2).map((upperFlange) => {
      const [lower, upper] = [padOf(lowerFlange)!, padOf(upperFlange)!];
      const peakNm = Math.min(lower.maximumTorqueNm, upper.maximumTorqueNm);
      const middleMm = threeFigures(
        0.62 * Math.min(lower.pitchCircleDiameterMm, upper.pitchCircleDiameterMm),
      );
      const made = bracketFor(
        { lower, upper, leastHeightMm: middleMm, turningMm: middleMm - 4 },
        { forceN: 0.4 * peakNm, centreMm: middleMm },
        1.15 * peakNm,
        house,
      );
      return {
        id: `BK ${lowerFlange}-${upperFlange}`,
        lowerFlange,
        upperFlange,
        heightMm: made.heightMm,
        plateWidthMm: made.plateWidthMm,
        plateMm: made.plateMm,
        legMm: made.legMm,
        middleMm,
        ratedTorqueNm: peakNm,
        weightKg: threeFigures(made.weightKg),
        price: Math.round(38 + 9 * made.weightKg),
      };
    }),
  );

/** Bracket heights for a stem of this thickness. */
const heightsFor = (index: number) => {
  const usual = flanges.slice(Math.max(0, index), index + 2) as readonly string[];
  const found = brackets().filter(({ lowerFlange }) => usual.includes(lowerFlange));
  return [...new Set(found.map(({ heightMm }) => heightMm))].sort((x, y) => x - y);
};

/** Couplings from a square to itself and its neighbours, two millimetres shorter than each bracket. */
const couplings = () =>
  squares.flatMap((socket, index) =>
    squares.slice(Math.max(0, index - 1), index + 2).flatMap((end) =>
      heightsFor(index).map((heightMm) => {
        const bore = { form: "double square", acrossMm: end, depthMm: 1.25 * end } as const;
        const rated = threeFigures(0.05 * Math.min(socket, end) ** 3);
        const made = couplingFor(square(socket, 1.15 * socket), bore, rated, house);
        const solidMm = threeFigures(heightMm - 2 - 1.05 * socket);
        const weightKg = threeFigures(made.weightKg * (1 + (0.7 * solidMm) / (2.4 * socket)));
        return {
          id: `CP ${socket}-${end}/${heightMm}`,
          socketForm: "square parallel" as const,
          socketAcrossMm: socket,
          socketDepthMm: threeFigures(1.15 * socket),
          endForm: "square parallel" as const,
          endAcrossMm: end,
          endLengthMm: threeFigures(1.2 * end),
          solidMm,
          outsideMm: made.outsideMm,
          ratedTorqueNm: Math.min(rated, Math.floor(made.carriesNm)),
          weightKg,
          price: Math.round(14 + 16 * weightKg),
        };
      }),
    ),
  );

export const demoAccessories = (): AccessoryFamily[] => [
  {
    ...plain,
    id: "tarrowby-fr",
    maker: controls,
    name: "Clear FR",
    kind: "filter-regulator",
    items: ports.map(({ port, cv, weightKg, price }) => ({
      id: `FR ${port}`,
      cv: Number((1.5 * cv).toFixed(2)),
      filterUm: 5,
      maximumAirBarG: 16,
      weightKg,
      price: Math.round(0.45 * price),
    })),
  },
  {
    ...electrical,
    id: "tarrowby-sv",
    maker: controls,
    name: "Let-go SV",
    kind: "solenoid valve",
    items: coils.flatMap((coil) =>
      (["3/2-way", "5/2-way"] as const).flatMap((ways) =>
        ports.map(({ port, cv, weightKg, price }) => ({
          id: `SV ${ways.slice(0, 3)} ${port} ${coil}`,
          function: ways,
          coil,
          cv,
          maximumAirBarG: 10,
          handButton: true,
          weightKg,
          price: ways === "5/2-way" ? Math.round(1.15 * price) : price,
        })),
      ),
    ),
  },
  {
    lowTemperature: false,
    highTemperature: false,
    marking: null,
    enclosure: "IP65",
    id: "osmere-sv",
    maker: "Osmere Flow",
    name: "Yard SV",
    kind: "solenoid valve",
    items: (["3/2-way", "5/2-way"] as const).map((ways) => ({
      id: `YV ${ways.slice(0, 3)} 1/4 24 V DC`,
      function: ways,
      coil: "24 V DC" as const,
      cv: 0.7,
      maximumAirBarG: 8,
      handButton: false,
      weightKg: 0.4,
      price: ways === "5/2-way" ? 92 : 80,
    })),
  },
  {
    ...electrical,
    id: "tarrowby-po",
    maker: controls,
    name: "Even PO",
    kind: "positioner",
    items: signals.flatMap((signal) =>
      (["one side", "both sides"] as const).map((acts) => ({
        id: `PO ${signal === "digital bus" ? "B" : "A"}${acts === "both sides" ? 2 : 1}`,
        signal,
        acts,
        cv: 0.6,
        resolutionPercent: 0.5,
        maximumAirBarG: 8,
        weightKg: 2.1,
        price: Math.round((signal === "digital bus" ? 1580 : 1240) * (acts === "both sides" ? 1.12 : 1)),
      })),
    ),
  },
  {
    ...plain,
    id: "osmere-pp",
    maker: "Osmere Flow",
    name: "Yard PP, on air",
    kind: "positioner",
    items: (["one side", "both sides"] as const).map((acts) => ({
      id: `PP ${acts === "both sides" ? 2 : 1}`,
      signal: "0.2–1 bar" as const,
      acts,
      cv: 0.5,
      resolutionPercent: 1,
      maximumAirBarG: 8,
      weightKg: 2.4,
      price: acts === "both sides" ? 660 : 590,
    })),
  },
  {
    ...plain,
    id: "quillhaven-qx",
    maker: quillhaven,
    name: "Away QX",
    kind: "quick exhaust",
    items: ports.map(({ port, cv, weightKg, price }) => ({
      id: `QX ${port}`,
      cv: Number((2.6 * cv).toFixed(2)),
      maximumAirBarG: 10,
      weightKg: Number((0.5 * weightKg).toFixed(2)),
      price: Math.round(0.3 * price),
    })),
  },
  {
    ...plain,
    id: "quillhaven-vb",
    maker: quillhaven,
    name: "Amply VB",
    kind: "volume booster",
    items: ports.slice(1).map(({ port, cv, weightKg, price }) => ({
      id: `VB ${port}`,
      cv: Number((2.4 * cv).toFixed(2)),
      maximumAirBarG: 10,
      weightKg,
      price: Math.round(1.4 * price),
    })),
  },
  {
    ...plain,
    id: "quillhaven-bt",
    maker: quillhaven,
    name: "Keep BT",
    kind: "volume bottle",
    items: [5, 10, 20, 50, 100, 200, 500].map((litres) => ({
      id: `BT ${litres}`,
      litres,
      maximumAirBarG: 11,
      weightKg: Number((1.8 + 0.34 * litres).toFixed(1)),
      price: Math.round(95 + 5.6 * litres ** 0.9),
    })),
  },
  {
    ...plain,
    id: "quillhaven-br",
    maker: quillhaven,
    name: "Calm BR",
    kind: "breather",
    items: [{ id: "BR 1/4", filterUm: 40, weightKg: 0.05, price: 14 }],
  },
  {
    ...electrical,
    id: "tarrowby-ls",
    maker: controls,
    name: "Tell LS",
    kind: "limit switches",
    items: [
      { id: "LS 2", switches: 2, weightKg: 1.6, price: 310 },
      { id: "LS 4", switches: 4, weightKg: 1.8, price: 420 },
    ],
  },
  {
    ...electrical,
    id: "tarrowby-ps",
    maker: controls,
    name: "Nudge PS",
    kind: "partial-stroke device",
    items: [{ id: "PS 1", findsPercent: 60, maximumAirBarG: 8, weightKg: 2.3, price: 1890 }],
  },
  {
    ...plain,
    id: "fennimoor-bk",
    maker: "Fennimoor Valve Works",
    name: "Stand BK",
    kind: "bracket",
    items: brackets(),
  },
  {
    ...plain,
    id: "fennimoor-cp",
    maker: "Fennimoor Valve Works",
    name: "Join CP",
    kind: "coupling",
    items: couplings(),
  },
];
