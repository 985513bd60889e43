import type { DriveFamily } from "@proven-seat/core/equipment/drives";
import { hands } from "./hands.ts";
import { motors } from "./motors.ts";
import { rackAndPinions } from "./rack-and-pinion.ts";
import { vanes } from "./vanes.ts";
import { yokes } from "./yokes.ts";

export const demoDrives = (): DriveFamily[] => [
  ...rackAndPinions(),
  ...yokes(),
  ...vanes(),
  ...motors(),
  ...hands(),
];
