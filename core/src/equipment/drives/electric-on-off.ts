import { stayingMotor } from "./by-motor.ts";

/** A geared motor for opening and closing: weakest at minimum voltage, strongest at stall. */
export const electricOnOff = stayingMotor("electric on-off");
