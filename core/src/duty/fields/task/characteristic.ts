import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { characteristics } from "../words.ts";

/** How flow is to rise with the opening of a valve that throttles. */
export const characteristicAsked: Field<"characteristic", (typeof characteristics)[number] | null> = {
  path: "characteristic",
  label: "Characteristic asked",
  short: "characteristic",
  group: "task",
  ...choice(characteristics),
  shown: ({ function: tasks }) => tasks?.includes("throttling") ?? false,
  why: "A trim that has it is taken before one that has not.",
  raised: ({ function: tasks }) => tasks?.includes("throttling") ?? false,
  assumed: "none is asked for",
  otherwise: () => characteristics,
  headings: ["characteristic", "flow characteristic", "inherent characteristic"],
  written: {
    "equal percentage": "eq%, =%, eq %, equal %, eq. perc., mod. equal %",
    linear: "lin, lin.",
    "quick opening": "quick, on/off, qo",
  },
};
