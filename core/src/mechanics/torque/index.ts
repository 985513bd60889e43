export { handTurns } from "./by-hand.ts";
export { breakGrowth, tableTorque, torqueDemand } from "./demand.ts";
export { flowTorque } from "./dynamic.ts";
export { type StallChance, stallChance } from "./stall.ts";
export { stemThrustN } from "./stem-thrust.ts";
