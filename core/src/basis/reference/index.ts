export { valueOnCurve } from "./curve.ts";
export { faceToFaceMm, minimumBoreMm } from "./dimensions.ts";
export { fluidNamed, fluids } from "./fluids.ts";
export { metalLimits } from "./metals.ts";
export { padOf } from "./pads.ts";
export { parseDesignation } from "./pressure-temperature.ts";
export { seatMaterial } from "./seats.ts";
