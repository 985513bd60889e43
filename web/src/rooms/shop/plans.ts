import type { PlanKind } from "@proven-seat/core/shop";

/** Plans by their address, in the order of the work. */
export const plans: readonly { readonly path: string; readonly kind: PlanKind; readonly name: string }[] = [
  { path: "strip", kind: "strip", name: "Strip it" },
  { path: "reseat", kind: "reseat", name: "Reseat it" },
  { path: "together", kind: "put together", name: "Put it together" },
  { path: "drive", kind: "fit the drive", name: "Fit the drive" },
];
