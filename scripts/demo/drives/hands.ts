import type { DriveFamily } from "@proven-seat/core/equipment/drives";
import { threeFigures } from "../geometry.ts";
import { flanged, plain, unflanged } from "./shared.ts";

const maker = "Fennimoor Valve Works";

type Gear = [rated: number, ratio: number, efficiency: number, wheel: number];
const worms: Gear[] = [
  [150, 37, 0.3, 160],
  [250, 40, 0.3, 200],
  [500, 45, 0.3, 250],
  [1000, 55, 0.3, 315],
  [2000, 80, 0.3, 400],
  [4000, 150, 0.3, 500],
  [8000, 250, 0.3, 630],
  [16_000, 420, 0.33, 700],
  [32_000, 800, 0.33, 700],
  [63_000, 1600, 0.33, 700],
];
const bevels: Gear[] = [
  [60, 1, 0.95, 400],
  [120, 1, 0.95, 700],
  [200, 2, 0.88, 700],
  [350, 3, 0.88, 700],
  [600, 6, 0.85, 700],
  [1000, 10, 0.85, 700],
  [1800, 18, 0.8, 700],
  [3200, 32, 0.78, 700],
];

const gear =
  (short: string) =>
  ([ratedTorqueNm, gearRatio, gearEfficiency, wheelDiameterMm]: Gear) => ({
    id: `${short} ${ratedTorqueNm}`,
    gearRatio,
    gearEfficiency,
    wheelDiameterMm,
    ratedTorqueNm,
    ...unflanged,
    weightKg: threeFigures(3 + 0.02 * ratedTorqueNm ** 0.95),
    price: Math.round(85 + 2.4 * ratedTorqueNm ** 0.75),
  });

/** Rated thrust of a nut's bearing beside its torque, N. */
export const thrustOf = (torqueNm: number) => threeFigures(4200 * torqueNm ** 0.78);

export const hands = (): DriveFamily[] => [
  flanged({
    ...plain,
    id: "fennimoor-lv",
    maker,
    name: "Lever LV",
    kind: "lever",
    lockable: true,
    sizes: [160, 200, 250, 315, 400, 500, 630, 750].map((leverLengthMm) => ({
      id: `LV ${leverLengthMm}`,
      leverLengthMm,
      ...unflanged,
      weightKg: threeFigures(0.2 + 0.000008 * leverLengthMm ** 2),
      price: Math.round(9 + 0.055 * leverLengthMm),
    })),
  }),
  flanged({
    ...plain,
    id: "fennimoor-wg",
    maker,
    name: "Worm gear WG",
    kind: "handwheel gearbox",
    selfLocking: true,
    sizes: worms.map(gear("WG")),
  }),
  flanged({
    ...plain,
    id: "fennimoor-bg",
    maker,
    name: "Wheel and bevel gear BG",
    kind: "bevel gear",
    selfLocking: false,
    sizes: bevels.map((bevel) => ({ ...gear("BG")(bevel), maximumThrustN: thrustOf(bevel[0]) })),
  }),
];
