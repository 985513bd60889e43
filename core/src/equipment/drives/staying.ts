import type { AnyFamily, AnySize, Drive } from "./kind.ts";
import { mounted } from "./mounted.ts";

/**
 * The drive of a size that stays where it is when its supply fails.
 *
 * @param family its family
 * @param size its size
 * @param outputAt output over the stroke, N·m
 * @param variant its name among others of its size; none where there are no others
 * @returns the drive
 */
export const staying = (
  family: AnyFamily,
  size: AnySize,
  outputAt: Drive["outputAt"],
  variant = "",
): Drive => ({
  key: [family.id, size.id, variant].filter(Boolean).join("|"),
  family,
  sizeId: size.id,
  action: "double-acting",
  onSupplyLoss: "stays",
  springSet: null,
  variant,
  ...mounted(size),
  outputAt,
});
