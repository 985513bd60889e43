import {
  type Action,
  type Demand,
  type DriveOutput,
  outputAtPoints,
  peakOutputNm,
} from "../calc/actuator-margin.ts";
import { rackAndPinionOutput } from "../calc/rack-and-pinion-output.ts";
import type { DriveFamily } from "./schema.ts";

/** One drive that can be ordered: a size of a family with its action and spring set. */
export interface Drive {
  readonly key: string;
  readonly family: DriveFamily;
  readonly sizeId: string;
  readonly action: Action;
  /** What it does when its supply fails. */
  readonly onSupplyLoss: "closes" | "opens" | "stays";
  readonly springSet: string | null;
  readonly flange: string;
  readonly weightKg: number;
  readonly price: number;
  /** Output at a supply pressure; an electric drive answers the same at any. */
  readonly outputAt: (airBarG: number) => DriveOutput;
  readonly outputAtMaximum: (airBarG: number) => DriveOutput;
}

/**
 * Every drive of a family: each size double-acting and with each spring set both ways, or as it is for electric.
 *
 * @param family a family of a checked catalogue
 * @returns drives from the smallest size up
 * @throws never for a checked catalogue
 * @source the catalogue; output by rack-and-pinion statics
 * @example drivesOfFamily(family)[0].action
 */
export function drivesOfFamily(family: DriveFamily): Drive[] {
  if (family.kind === "electric on-off") {
    return family.sizes.map((size) => ({
      key: `${family.id}|${size.id}`,
      family,
      sizeId: size.id,
      action: "double-acting",
      onSupplyLoss: "stays",
      springSet: null,
      flange: size.flange,
      weightKg: size.weightKg,
      price: size.price,
      outputAt: () => ({ torqueNm: size.torqueAtMinimumVoltageNm }),
      outputAtMaximum: () => ({ torqueNm: size.stallTorqueNm }),
    }));
  }
  return family.sizes.flatMap((size) => {
    const { pistonDiameterMm, pistonCount, pinionPitchRadiusMm, efficiency } = size;
    const cylinder = { pistonDiameterMm, pistonCount, pinionPitchRadiusMm, efficiency };
    const base = { family, sizeId: size.id, flange: size.flange, weightKg: size.weightKg };
    const plain = (airBarG: number) => rackAndPinionOutput({ ...cylinder, airBarG });
    const doubleActing: Drive = {
      ...base,
      key: `${family.id}|${size.id}|DA`,
      action: "double-acting",
      onSupplyLoss: "stays",
      springSet: null,
      price: size.price,
      outputAt: plain,
      outputAtMaximum: plain,
    };
    const springs = size.springSets.flatMap((set): Drive[] => {
      const output = (airBarG: number) =>
        rackAndPinionOutput({
          ...cylinder,
          airBarG,
          springPreloadN: set.preloadN,
          springRateNPerMm: set.rateNPerMm,
        });
      const sprung = {
        ...base,
        springSet: set.id,
        price: size.price + set.price,
        outputAt: output,
        outputAtMaximum: output,
      };
      return [
        {
          ...sprung,
          key: `${family.id}|${size.id}|${set.id}|closes`,
          action: "spring-to-close",
          onSupplyLoss: "closes",
        },
        {
          ...sprung,
          key: `${family.id}|${size.id}|${set.id}|opens`,
          action: "spring-to-open",
          onSupplyLoss: "opens",
        },
      ];
    });
    return [doubleActing, ...springs];
  });
}

/** A drive at the supply it will see: what it gives at the lowest, what it can do at the highest. */
export interface SuppliedDrive {
  readonly drive: Drive;
  readonly output: DriveOutput;
  readonly offered: Demand;
  readonly peakNm: number;
}

/**
 * Sets a drive to a supply.
 *
 * @param drive a drive of the catalogue
 * @param airMinimumBarG supply strength is judged at, bar g
 * @param airMaximumBarG supply the stem and the pad are judged at, bar g
 * @returns output at the lowest supply and peak at the highest, N·m
 * @throws never
 * @source strength at minimum, safety at maximum supply
 * @example suppliedDrive(drive, 4, 8).peakNm
 */
export function suppliedDrive(drive: Drive, airMinimumBarG: number, airMaximumBarG: number): SuppliedDrive {
  const output = drive.outputAt(airMinimumBarG);
  return {
    drive,
    output,
    offered: outputAtPoints(output, drive.action),
    peakNm: peakOutputNm(drive.outputAtMaximum(airMaximumBarG)),
  };
}
