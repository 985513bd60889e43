import { bodyChemistry } from "./body-chemistry.ts";
import { bodyClass } from "./body-class.ts";
import { gradeMaximum } from "./grade-maximum.ts";
import { gradeMinimum } from "./grade-minimum.ts";
import { sealChemistry } from "./seal-chemistry.ts";
import { sealTemperature } from "./seal-temperature.ts";
import { seatChemistry } from "./seat-chemistry.ts";
import { seatHeadroom } from "./seat-headroom.ts";
import { seatLimit } from "./seat-limit.ts";
import { seatTemperature } from "./seat-temperature.ts";
import { trimChemistry } from "./trim-chemistry.ts";

export const envelopeRules = [
  bodyClass,
  seatLimit,
  seatTemperature,
  seatHeadroom,
  sealTemperature,
  gradeMinimum,
  gradeMaximum,
  seatChemistry,
  sealChemistry,
  bodyChemistry,
  trimChemistry,
];
