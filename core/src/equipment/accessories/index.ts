export { type Fitted, type Fittings, fittingsOf, type Place } from "./fittings.ts";
export type { AccessoryKind, AnyAccessories, AnyItem } from "./kind.ts";
export { type AccessoryFamily, accessoryFamilySchema, accessoryKinds } from "./kinds.ts";
