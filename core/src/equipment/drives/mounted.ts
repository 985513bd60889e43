import type { AnySize, Drive } from "./kind.ts";

/**
 * What a drive has of its size whatever turns it: how it is bolted on, how large, heavy and quick it is, what it costs.
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
