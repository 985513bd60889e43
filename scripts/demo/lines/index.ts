import type { ProductLine } from "@proven-seat/core/equipment/catalogue";
import { butterflyLines } from "./butterfly.ts";
import { controlLines } from "./control.ts";
import { floatingLines } from "./floating.ts";
import { plugLines } from "./plug.ts";
import { threeWayLines } from "./three-way.ts";
import { trunnionLines } from "./trunnion.ts";

/** Every line of the demo catalogue: each construction from at least one of three invented makers. */
export const demoLines = (): ProductLine[] => [
  ...floatingLines(),
  ...trunnionLines(),
  ...controlLines(),
  ...butterflyLines(),
  ...plugLines(),
  ...threeWayLines(),
];
