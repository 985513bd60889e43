import { stayingMotor } from "./by-motor.ts";

/** A motor made to be started again and again, with a positioner that lets it stand anywhere. */
export const electricModulating = stayingMotor("electric modulating", { modulates: true });
