import { barriers } from "./barriers.ts";
import { endConnection } from "./end-connection.ts";
import { fireSafe } from "./fire-safe.ts";
import { floatingSizeBorder } from "./floating-size-border.ts";
import { inLineRepair } from "./in-line-repair.ts";
import { sealingDirection } from "./sealing-direction.ts";
import { sizeOffered } from "./size-offered.ts";

export const bodyRules = [
  sizeOffered,
  floatingSizeBorder,
  endConnection,
  sealingDirection,
  barriers,
  inLineRepair,
  fireSafe,
];
