import { driveLife } from "./drive-life.ts";
import { driveTemperature } from "./drive-temperature.ts";
import { failAction } from "./fail-action.ts";
import { stemLimit } from "./stem-limit.ts";
import { strength } from "./strength.ts";
import { strokeKind } from "./stroke-kind.ts";
import { supplyRating } from "./supply-rating.ts";

export const driveRules = [
  strokeKind,
  failAction,
  stemLimit,
  strength,
  supplyRating,
  driveTemperature,
  driveLife,
];
