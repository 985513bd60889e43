import { failAction } from "./fail-action.ts";
import { stemLimit } from "./stem-limit.ts";
import { strength } from "./strength.ts";
import { strokeKind } from "./stroke-kind.ts";
import { supplyRating } from "./supply-rating.ts";

export const driveRules = [strokeKind, failAction, stemLimit, strength, supplyRating];
