import { mounting } from "@proven-seat/core/basis/calc";
import { peakOf } from "@proven-seat/core/basis/stroke";
import { type DriveFamily, drivesOfFamily } from "@proven-seat/core/equipment/drives";
import { alsoFlangeOf, driveEndOf, outsideOf } from "../ends.ts";

/** Defaults of an invented actuator family. */
export const plain = {
  lowTemperature: true,
  highTemperature: true,
  marking: null,
  enclosure: null,
  handOverride: false,
  stopsDegrees: 5,
} as const;

/** Motors for gas and dust. */
export const sealed = {
  lowTemperature: true,
  highTemperature: false,
  marking: "II 2G Ex db IIB T4 Gb; II 2D Ex tb IIIC T135°C Db; Ta -40 °C to +60 °C",
  enclosure: "IP66/IP67",
  handOverride: true,
  stopsDegrees: 5,
  startsPerHour: 60,
  lowestVoltagePercent: 85,
  motorSupplies: ["230 V 1~", "400 V 3~", "480 V 3~"],
  dutyClass: "S2-15 min",
  heater: true,
  thermalCutOut: true,
  torqueSwitches: true,
} satisfies Partial<DriveFamily>;

/** Supply of the strongest actuators of a family. */
const limits = {
  airMinimumBarG: 8,
  airMaximumBarG: 8,
  oilMinimumBarG: 210,
  oilMaximumBarG: 210,
  lineGas: { lowestBarG: 100, highestBarG: 100 },
  hand: { steadyN: 360, hardestN: 800 },
  stated: { airMinimumBarG: 8, airMaximumBarG: 8, oilMinimumBarG: 210, oilMaximumBarG: 210 },
};

/** Gives each size the flange its highest output asks for. */
export function flanged<F extends DriveFamily>(family: F): F {
  const drives = drivesOfFamily(family);
  return {
    ...family,
    sizes: family.sizes.map((size) => {
      const peaks = drives
        .filter((d) => d.sizeId === size.id)
        .map((d) => peakOf(d.outputAt(limits, "highest")));
      const { flange } = mounting({ requiredTorqueNm: Math.min(250_000, Math.max(...peaks)) });
      return {
        ...size,
        flange,
        alsoFlange: alsoFlangeOf(family.kind, flange),
        end: driveEndOf(family.kind, flange),
        outside: outsideOf(size.weightKg),
      };
    }),
  };
}

/** Stands until flange and weight are known. */
export const unflanged = {
  flange: "F05",
  alsoFlange: null,
  end: null,
  outside: null,
  strokeSeconds: null,
  springSeconds: null,
} as const;
