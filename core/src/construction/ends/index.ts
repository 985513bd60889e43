export type { DriveEnd, DriveOutside, StemEnd } from "./forms.ts";
export { keysCarryNm } from "./keys.ts";
