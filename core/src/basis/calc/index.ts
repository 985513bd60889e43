export { cavityRise } from "./cavity-rise.ts";
export { calculate, calculationNamed, calculations, inputJsonSchema, isFailure } from "./contract.ts";
export { floatingBallTorque } from "./floating-ball-torque.ts";
export { gasFlow } from "./gas-flow.ts";
export { liquidFlow } from "./liquid-flow.ts";
export { mounting } from "./mounting.ts";
export { seatRelief } from "./seat-relief.ts";
export { seeded } from "./seeded.ts";
export { trunnionBallTorque } from "./trunnion-ball-torque.ts";
