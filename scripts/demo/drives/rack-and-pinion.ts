import type { DriveFamily } from "@proven-seat/core/equipment/drives";
import { threeFigures } from "../geometry.ts";
import { flanged, plain, unflanged } from "./shared.ts";

const cylinders: [piston: number, radius: number][] = [
  [52, 10],
  [63, 13],
  [75, 16],
  [92, 20],
  [110, 25],
  [130, 30],
  [160, 38],
  [200, 50],
  [250, 65],
  [315, 85],
  [400, 110],
  [500, 140],
];

/** Spring sets balanced for a supply: the spring keeps about two thirds of the air torque. */
const springSet = (pistonMm: number, radiusMm: number, forBar: number) => {
  const airN = forBar * 0.1 * (Math.PI / 4) * pistonMm ** 2;
  const preload = 0.4 * airN;
  const wound = 0.6 * airN;
  return {
    id: `S${forBar}`,
    preloadN: threeFigures(preload),
    rateNPerMm: threeFigures((wound - preload) / ((Math.PI / 2) * radiusMm)),
    price: Math.round(12 + 0.0021 * pistonMm ** 2 * (forBar / 4)),
  };
};

export const rackAndPinions = (): DriveFamily[] => [
  flanged({
    ...plain,
    id: "quillhaven-rp",
    maker: "Quillhaven Actuation",
    name: "Quarter RP",
    kind: "rack-and-pinion",
    maximumAirBarG: 8,
    sizes: cylinders.map(([pistonDiameterMm, pinionPitchRadiusMm]) => ({
      id: `RP ${pistonDiameterMm}`,
      pistonDiameterMm,
      pistonCount: 2,
      pinionPitchRadiusMm,
      efficiency: 0.9,
      springSets: [3, 4, 5, 6].map((bar) => springSet(pistonDiameterMm, pinionPitchRadiusMm, bar)),
      ...unflanged,
      weightKg: threeFigures(0.6 + 0.000095 * pistonDiameterMm ** 2.35),
      price: Math.round(48 + 0.0062 * pistonDiameterMm ** 2.2),
    })),
  }),
];
