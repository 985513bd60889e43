import { z } from "zod";
import { bracket } from "./bracket.ts";
import { breather } from "./breather.ts";
import { coupling } from "./coupling.ts";
import { filterRegulator } from "./filter-regulator.ts";
import type { AccessoryKind } from "./kind.ts";
import { limitSwitches } from "./limit-switches.ts";
import { partialStrokeDevice } from "./partial-stroke-device.ts";
import { positioner } from "./positioner.ts";
import { quickExhaust } from "./quick-exhaust.ts";
import { solenoidValve } from "./solenoid-valve.ts";
import { volumeBooster } from "./volume-booster.ts";
import { volumeBottle } from "./volume-bottle.ts";

const kinds = [
  filterRegulator,
  solenoidValve,
  positioner,
  quickExhaust,
  volumeBooster,
  volumeBottle,
  breather,
  limitSwitches,
  partialStrokeDevice,
  bracket,
  coupling,
] as const;

/** Every kind of accessory, in the order in which air and signal meet them. */
export const accessoryKinds: readonly AccessoryKind[] = kinds;

export type AccessoryFamily = z.infer<(typeof kinds)[number]["schema"]>;

/** Names of the kinds: an unregistered kind does not compile. */
export type AccessoryName = AccessoryFamily["kind"];
/** An item of a kind, with the figures that kind states. */
export type ItemOf<Kind extends AccessoryName> = Extract<AccessoryFamily, { kind: Kind }>["items"][number];

/** One family of accessories, of any kind. */
export const accessoryFamilySchema: z.ZodType<AccessoryFamily> = z.union(kinds.map((kind) => kind.schema));
