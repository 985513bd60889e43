import type { DriveFamily } from "@proven-seat/core/equipment/drives";
import { threeFigures } from "../geometry.ts";
import { flanged, plain, sealed, unflanged } from "./shared.ts";

const bores = [150, 200, 250, 300, 350, 400, 500, 600, 700, 800];

/** A yoke of a piston: its arm follows the piston, its rod carries the force. */
const yoke = (pistonDiameterMm: number, cant: number) => ({
  pistonDiameterMm,
  rodDiameterMm: threeFigures(0.14 * pistonDiameterMm),
  armMm: threeFigures(0.42 * pistonDiameterMm),
  slotOffsetMm: threeFigures(-cant * 0.42 * pistonDiameterMm),
  efficiency: 0.88,
});
const weightOf = (piston: number) => threeFigures(14 + 0.0016 * piston ** 1.95);

/** Springs balanced for a pressure, as for racks: wound, they keep two thirds of its torque. */
const springSet = (piston: number, forBar: number) => {
  const pressN = forBar * 0.1 * (Math.PI / 4) * piston ** 2;
  return {
    id: `S${forBar}`,
    preloadN: threeFigures(0.42 * pressN),
    rateNPerMm: threeFigures((0.18 * pressN) / (2 * 0.42 * piston)),
    price: Math.round(60 + 0.0046 * piston ** 2 * (forBar > 20 ? 6 : forBar / 4)),
  };
};

const byAir = (id: string, name: string, short: string, cant: number): DriveFamily =>
  flanged({
    ...plain,
    id,
    maker: "Quillhaven Actuation",
    name,
    kind: "scotch yoke",
    maximumAirBarG: 10,
    sizes: bores.map((piston) => ({
      id: `${short} ${piston}`,
      ...yoke(piston, cant),
      springSets: [3, 4, 5].map((bar) => springSet(piston, bar)),
      ...unflanged,
      weightKg: weightOf(piston),
      price: Math.round(640 + 0.0115 * piston ** 2.03 * (1 + cant / 4)),
    })),
  });

/** Limited by its valves and oil. */
const secondsOf = (piston: number) => threeFigures(2 + 0.02 * piston);

const small = [50, 63, 80, 100, 125, 160, 200, 250];

export const yokes = (): DriveFamily[] => [
  byAir("quillhaven-sy", "Yoke SY", "SY", 0),
  byAir("quillhaven-sc", "Yoke SC, canted", "SC", 0.2),
  flanged({
    ...plain,
    id: "quillhaven-hy",
    maker: "Quillhaven Actuation",
    name: "Oil HY",
    kind: "hydraulic",
    maximumOilBarG: 250,
    sizes: small.map((piston) => ({
      id: `HY ${piston}`,
      ...yoke(piston, 0),
      armMm: threeFigures(0.8 * piston),
      springSets: [80, 120].map((bar) => springSet(piston, bar)),
      ...unflanged,
      strokeSeconds: secondsOf(piston),
      springSeconds: secondsOf(piston),
      weightKg: threeFigures(9 + 0.004 * piston ** 2),
      price: Math.round(900 + 0.09 * piston ** 2),
    })),
  }),
  flanged({
    ...sealed,
    id: "quillhaven-eh",
    maker: "Quillhaven Actuation",
    name: "Oil and motor EH",
    kind: "electro-hydraulic",
    pumpStartsBarG: 110,
    pumpStopsBarG: 140,
    sizes: small.map((piston) => ({
      id: `EH ${piston}`,
      ...yoke(piston, 0),
      armMm: threeFigures(0.8 * piston),
      accumulatorLitres: threeFigures(4 + 0.00003 * piston ** 3),
      gasPrechargeBarG: 80,
      startingCurrentA: threeFigures(8 + 0.06 * piston),
      springSets: [50, 70].map((bar) => springSet(piston, bar)),
      ...unflanged,
      strokeSeconds: secondsOf(piston),
      springSeconds: secondsOf(piston),
      weightKg: threeFigures(40 + 0.006 * piston ** 2),
      price: Math.round(5200 + 0.2 * piston ** 2),
    })),
  }),
  flanged({
    ...plain,
    id: "quillhaven-go",
    maker: "Quillhaven Actuation",
    name: "Line gas GO",
    kind: "gas-over-oil",
    maximumGasBarG: 100,
    sizes: [80, 100, 125, 160, 200, 250, 320, 400].map((piston) => ({
      id: `GO ${piston}`,
      ...yoke(piston, 0),
      armMm: threeFigures(0.7 * piston),
      ...unflanged,
      strokeSeconds: 2 * secondsOf(piston),
      weightKg: threeFigures(60 + 0.005 * piston ** 2),
      price: Math.round(3800 + 0.11 * piston ** 2),
    })),
  }),
];
