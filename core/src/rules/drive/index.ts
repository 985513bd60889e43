import { failAction } from "./fail-action.ts";
import { stemLimit } from "./stem-limit.ts";
import { strength } from "./strength.ts";
import { supplyRating } from "./supply-rating.ts";

export const driveRules = [strength, stemLimit, failAction, supplyRating];
