export type { AccessoryFamily } from "./kinds.ts";
