import type { Rule } from "../rule.ts";
import { bracket } from "./bracket.ts";
import { clears } from "./clears.ts";
import { coupling } from "./coupling.ts";
import { driveFlange } from "./drive-flange.ts";
import { gap } from "./gap.ts";
import { joint } from "./joint.ts";
import { key } from "./key.ts";
import { moment } from "./moment.ts";
import { neighbour } from "./neighbour.ts";
import { orientation } from "./orientation.ts";
import { padTorque } from "./pad-torque.ts";
import { screws } from "./screws.ts";

export const fitUpRules: readonly Rule[] = [
  joint,
  padTorque,
  driveFlange,
  screws,
  coupling,
  key,
  bracket,
  moment,
  orientation,
  clears,
  neighbour,
  gap,
];
