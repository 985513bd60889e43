import { stayingMotor } from "./by-motor.ts";

/** A motor for frequent starts, with a positioner for any position. */
export const electricModulating = stayingMotor("electric modulating", { modulates: true });
