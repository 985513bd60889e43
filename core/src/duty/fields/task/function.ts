import { type ValveFunction, valveFunctions } from "../../words.ts";
import type { AssumedField } from "../field.ts";
import { set } from "../holds.ts";

export const valveFunction: AssumedField<"function", ValveFunction[] | null, ReadonlySet<ValveFunction>> = {
  path: "function",
  label: "Function",
  group: "task",
  ...set(valveFunctions),
  headings: ["function", "duty", "valve function", "functions"],
  why: "Decides barriers and service factor.",
  assumed: "on-off isolation",
  settle: (duty) =>
    new Set<ValveFunction>(
      duty.function === null || duty.function.length === 0 ? ["on-off isolation"] : duty.function,
    ),
  otherwise: (duty) => [
    { ...duty, function: ["double block and bleed"] },
    { ...duty, function: ["emergency shut-down"] },
  ],
};
