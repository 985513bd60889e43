import { padTorque } from "./pad-torque.ts";

export const fitUpRules = [padTorque];
