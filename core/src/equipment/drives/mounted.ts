import type { AnySize, Drive } from "./kind.ts";

/**
 * Values of an actuator from its size, whatever drives it: mounting, outline, weight, times, price.
 *
 * @param size a size of a family
 * @returns flanges, bore and outside in mm, times in s, weight in kg and price, as a drive carries them
 */
export const mounted = ({
  flange,
  alsoFlange,
  end,
  outside,
  strokeSeconds,
  springSeconds,
  weightKg,
  price,
}: AnySize): Pick<
  Drive,
  "flange" | "alsoFlange" | "end" | "outside" | "strokeSeconds" | "springSeconds" | "weightKg" | "price"
> => ({
  flange,
  alsoFlange,
  end,
  outside,
  strokeSeconds,
  springSeconds,
  weightKg,
  price,
});
