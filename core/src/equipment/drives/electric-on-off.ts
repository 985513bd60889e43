import { stayingMotor } from "./by-motor.ts";

/** A motor with a gear, made to open and to shut: weakest at minimum voltage, strongest at stall. */
export const electricOnOff = stayingMotor("electric on-off");
