export { type DriveFamily, drivesOfFamily } from "./drive-kinds.ts";
export type { Drive } from "./kind.ts";
export { suppliedDrive } from "./supplied.ts";
