import type { AccessoryFamily } from "@proven-seat/core/catalogue";

const controls = "Tarrowby Controls";
const quillhaven = "Quillhaven Actuation";

/** Mechanical parts of metal and cold-proof rubber. */
const plain = { lowTemperature: true, highTemperature: true, marking: null, enclosure: null } as const;

/** Encapsulated coils and switches for gas and dust, in both systems of areas. */
const electrical = {
  lowTemperature: true,
  highTemperature: false,
  marking: "II 2G Ex db IIC T5 Gb; II 2D Ex tb IIIC T100°C Db; Class I, II Div 1 Groups B, C, D, E, F, G T5",
  enclosure: "IP66/IP67, type 4X",
} as const;

const coils = ["24 V DC", "110 V DC", "110 V AC", "230 V AC"] as const;
const signals = ["4–20 mA", "digital bus"] as const;

/** Port, flow coefficient, weight and price of valves of one make. */
const ports = [
  { port: "1/4", cv: 0.9, weightKg: 0.6, price: 190 },
  { port: "1/2", cv: 3.2, weightKg: 1.4, price: 340 },
  { port: "1", cv: 9, weightKg: 4.2, price: 780 },
] as const;

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
];
