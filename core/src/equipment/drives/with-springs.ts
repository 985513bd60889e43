/** Common parts of actuators with a cylinder: spring sets, and the variants of a size. */
import { z } from "zod";
import type { Action } from "../../basis/calc/actuator-margin.ts";
import type { AnyFamily, AnySize, Drive } from "./kind.ts";
import { mounted } from "./mounted.ts";
import { positive, text } from "./shared-schema.ts";

export const springSets = z.array(
  z.strictObject({ id: text, preloadN: positive, rateNPerMm: positive, price: z.number().min(0).max(1e9) }),
);
export type SpringSet = z.infer<typeof springSets>[number];

/** Output of a size with one of its spring sets; without a set air drives both strokes. */
type Output = (action: Action, set?: SpringSet) => Drive["outputAt"];

/**
 * The drives of a size with a cylinder.
 *
 * @param family its family
 * @param size with its spring sets
 * @param output of size and set
 * @returns it double-acting, and with each spring set both ways
 */
export function drivesWithSprings(
  family: AnyFamily,
  size: AnySize & { readonly springSets: readonly SpringSet[] },
  output: Output,
): Drive[] {
  const driveWith = (variant: string, action: Action, set?: SpringSet): Drive => ({
    key: `${family.id}|${size.id}|${variant}`,
    family,
    sizeId: size.id,
    action,
    onSupplyLoss: action === "double-acting" ? "stays" : action === "spring-to-close" ? "closes" : "opens",
    springSet: set?.id ?? null,
    variant: set?.id ?? variant,
    ...mounted(size),
    price: size.price + (set?.price ?? 0),
    outputAt: output(action, set),
  });
  return [
    driveWith("DA", "double-acting"),
    ...size.springSets.flatMap((set) => [
      driveWith(`${set.id}|closes`, "spring-to-close", set),
      driveWith(`${set.id}|opens`, "spring-to-open", set),
    ]),
  ];
}
