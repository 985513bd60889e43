import type { DriveFamily } from "@proven-seat/core/equipment/drives";
import { threeFigures } from "../geometry.ts";
import { thrustOf } from "./hands.ts";
import { flanged, sealed, unflanged } from "./shared.ts";

const torques = [35, 60, 100, 150, 250, 400, 600, 1000, 1500, 2500, 4000, 6500, 10_000, 16_000, 25_000];
const maker = "Tarrowby Controls";

/** Starting current at 400 V. */
const currentOf = (torque: number) => threeFigures(0.4 + 0.06 * torque ** 0.75);

/** A quarter turn at the rated voltage. */
const secondsOf = (torque: number) => Math.round(6 + 1.6 * torque ** 0.4);

const motor = (short: string, torque: number, dearer: number) => ({
  id: `${short} ${torque}`,
  torqueAtMinimumVoltageNm: threeFigures(0.85 * torque),
  stallTorqueNm: threeFigures(1.4 * torque),
  startingCurrentA: currentOf(torque),
  ...unflanged,
  weightKg: threeFigures(4 + 0.028 * torque ** 0.95),
  price: Math.round(dearer * (420 + 7.5 * torque ** 0.78)),
});

export const motors = (): DriveFamily[] => [
  flanged({
    ...sealed,
    id: "tarrowby-el",
    maker,
    name: "Steady EL",
    kind: "electric on-off",
    sizes: torques.map((torque) => ({ ...motor("EL", torque, 1), strokeSeconds: secondsOf(torque) })),
  }),
  flanged({
    ...sealed,
    id: "tarrowby-em",
    maker,
    name: "Steady EM, modulating",
    kind: "electric modulating",
    startsPerHour: 1200,
    dutyClass: "S4-75 %",
    sizes: torques
      .filter((t) => t <= 6500)
      .map((torque) => ({ ...motor("EM", torque, 1.6), strokeSeconds: 2 * secondsOf(torque) })),
  }),
  flanged({
    ...sealed,
    id: "tarrowby-es",
    maker,
    name: "Steady ES",
    kind: "electric spring-return",
    sizes: torques
      .filter((torque) => torque <= 2500)
      .map((torque) => ({
        id: `ES ${torque}`,
        torqueAtMinimumVoltageNm: threeFigures(2.1 * torque),
        stallTorqueNm: threeFigures(2.9 * torque),
        startingCurrentA: currentOf(2 * torque),
        springWoundNm: threeFigures(1.25 * torque),
        springRunOutNm: torque,
        ...unflanged,
        strokeSeconds: 2 * secondsOf(torque),
        springSeconds: Math.round(4 + 0.5 * torque ** 0.4),
        weightKg: threeFigures(11 + 0.09 * torque ** 0.95),
        price: Math.round(900 + 20 * torque ** 0.8),
      })),
  }),
  flanged({
    ...sealed,
    id: "tarrowby-ec",
    maker,
    name: "Steady EC, capacitor",
    kind: "electric capacitor-return",
    marking: "II 3G Ex ec IIB T3 Gc",
    sizes: torques
      .filter((torque) => torque <= 1000)
      .map((torque) => ({
        ...motor("EC", torque, 2.4),
        strokeSeconds: secondsOf(torque),
        springSeconds: secondsOf(torque),
        torqueOnStoredEnergyNm: threeFigures(0.75 * torque),
      })),
  }),
  flanged({
    ...sealed,
    id: "tarrowby-mt",
    maker,
    name: "Lift MT",
    kind: "electric multi-turn",
    sizes: torques
      .filter((t) => t <= 2500)
      .map((torque) => ({
        ...motor("MT", torque, 1.9),
        strokeSeconds: 4 * secondsOf(torque),
        maximumThrustN: thrustOf(1.4 * torque),
      })),
  }),
];
