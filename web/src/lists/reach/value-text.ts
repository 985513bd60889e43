import { convertUnit, figure, type Reading, shownUnit, unitsOf } from "@proven-seat/core/basis/units";
import type { MovableValue } from "../../workers/views.ts";

/** A value of the duty in the reader's units, without the unit. */
export function inReading(value: number, movable: Pick<MovableValue, "quantity">, reading: Reading): number {
  if (movable.quantity === "number") return value;
  return convertUnit(
    value,
    movable.quantity,
    unitsOf(movable.quantity)[0]!,
    shownUnit(movable.quantity, reading),
  );
}

export function unitOf(movable: Pick<MovableValue, "quantity" | "unit">, reading: Reading): string {
  return movable.quantity === "number" ? movable.unit : shownUnit(movable.quantity, reading);
}

/** Rounded towards the safe side, so that the shown range is never too wide. */
export function reachText(to: number, movable: MovableValue, reading: Reading): string {
  const [shown, now] = [inReading(to, movable, reading), inReading(movable.value, movable, reading)];
  // With the decimals of the value shown: a second rounding must not exceed the limit.
  const size = Math.abs(shown);
  const step = size >= 1000 ? 1 : size >= 10 ? 0.1 : size >= 1 ? 0.01 : 0.001;
  const inside = shown >= now ? Math.floor(shown / step + 1e-4) : Math.ceil(shown / step - 1e-4);
  return figure(inside * step);
}

export const nameOf = (movable: MovableValue) =>
  movable.caseName === null ? movable.label : `${movable.caseName}, ${movable.label}`;
