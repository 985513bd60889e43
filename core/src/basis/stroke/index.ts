export { profileThrough } from "./named-points.ts";
export { angles, type OverStroke, type Profile, peakOf, scaled, together } from "./profile.ts";
export { type Place, placeWords, weakest } from "./weakest.ts";
