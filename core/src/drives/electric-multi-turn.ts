import { stayingMotor } from "./by-motor.ts";

/** A motor on the nut of a rising stem: the same torque over the lift. */
export const electricMultiTurn = stayingMotor("electric multi-turn", { turns: "rising stem" });
