import { calculationNamed, calculate as computed } from "@proven-seat/core/basis/calc";

/** Many inputs of one calculation, each with its result or its failure. */
export function calculate({ name, items }: { name: string; items: readonly unknown[] }) {
  const calculation = calculationNamed(name)!;
  return { results: items.map((item) => computed(calculation, item)) };
}
