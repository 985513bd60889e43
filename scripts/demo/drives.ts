import { mounting, peakOutputNm, rackAndPinionOutput } from "@proven-seat/core/calc";
import type { DriveFamily } from "@proven-seat/core/catalogue";
import { threeFigures } from "./geometry.ts";

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

/** Spring sets balanced for a supply: the spring keeps about two thirds of what the air gives. */
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

const electricTorques = [
  35, 60, 100, 150, 250, 400, 600, 1000, 1500, 2500, 4000, 6500, 10_000, 16_000, 25_000,
];

export const demoDrives = (): DriveFamily[] => [
  {
    id: "quillhaven-rp",
    maker: "Quillhaven Actuation",
    name: "Quarter RP",
    kind: "rack-and-pinion",
    lowTemperature: true,
    highTemperature: true,
    maximumAirBarG: 8,
    sizes: cylinders.map(([pistonDiameterMm, pinionPitchRadiusMm]) => {
      const cylinder = { pistonDiameterMm, pistonCount: 2, pinionPitchRadiusMm, efficiency: 0.9 };
      const peak = peakOutputNm(rackAndPinionOutput({ ...cylinder, airBarG: 8 }));
      return {
        id: `RP ${pistonDiameterMm}`,
        ...cylinder,
        springSets: [3, 4, 5, 6].map((bar) => springSet(pistonDiameterMm, pinionPitchRadiusMm, bar)),
        flange: mounting({ requiredTorqueNm: peak }).flange,
        weightKg: threeFigures(0.6 + 0.000095 * pistonDiameterMm ** 2.35),
        price: Math.round(48 + 0.0062 * pistonDiameterMm ** 2.2),
      };
    }),
  },
  {
    id: "tarrowby-el",
    maker: "Tarrowby Controls",
    name: "Steady EL",
    kind: "electric on-off",
    lowTemperature: true,
    highTemperature: false,
    sizes: electricTorques.map((torque) => ({
      id: `EL ${torque}`,
      torqueAtMinimumVoltageNm: threeFigures(0.85 * torque),
      stallTorqueNm: threeFigures(1.4 * torque),
      flange: mounting({ requiredTorqueNm: 1.4 * torque }).flange,
      weightKg: threeFigures(4 + 0.028 * torque ** 0.95),
      price: Math.round(420 + 7.5 * torque ** 0.78),
    })),
  },
  {
    id: "tarrowby-es",
    maker: "Tarrowby Controls",
    name: "Steady ES",
    kind: "electric spring-return",
    lowTemperature: true,
    highTemperature: false,
    sizes: electricTorques
      .filter((torque) => torque <= 2500)
      .map((torque) => ({
        id: `ES ${torque}`,
        torqueAtMinimumVoltageNm: threeFigures(2.1 * torque),
        stallTorqueNm: threeFigures(2.9 * torque),
        springWoundNm: threeFigures(1.25 * torque),
        springRunOutNm: torque,
        flange: mounting({ requiredTorqueNm: 1.9 * torque }).flange,
        weightKg: threeFigures(11 + 0.09 * torque ** 0.95),
        price: Math.round(1350 + 24 * torque ** 0.8),
      })),
  },
];
