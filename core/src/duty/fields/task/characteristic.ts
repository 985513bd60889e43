import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { characteristics } from "../words.ts";

/** How flow is to rise with the opening of a valve that throttles. */
export const characteristicAsked: Field<"characteristic", (typeof characteristics)[number] | null> = {
  path: "characteristic",
  label: "Required characteristic",
  short: "characteristic",
  group: "task",
  ...choice(characteristics),
  shown: ({ function: tasks }) => tasks?.includes("throttling") ?? false,
  why: "Trims with this characteristic are preferred.",
  raised: ({ function: tasks }) => tasks?.includes("throttling") ?? false,
  assumed: "no requirement",
  otherwise: () => characteristics,
  headings: ["characteristic", "flow characteristic", "inherent characteristic", "characteristic asked"],
  written: {
    "equal percentage": "eq%, =%, eq %, equal %, eq. perc., mod. equal %",
    linear: "lin, lin.",
    "quick opening": "quick, on/off, qo",
  },
};
