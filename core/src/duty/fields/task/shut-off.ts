import { shutOffRates } from "../../words.ts";
import type { Field } from "../field.ts";
import { choice } from "../holds.ts";

export const shutOff: Field<"shutOff", (typeof shutOffRates)[number] | null> = {
  path: "shutOff",
  label: "Shut-off rate",
  short: "shut-off",
  group: "task",
  ...choice(shutOffRates, (rate) => `ISO 5208 rate ${rate}`),
  headings: ["shut-off rate", "shut-off", "leakage rate", "iso 5208 rate"],
  why: "Metal seats and control seats pass what soft seats do not.",
  assumed: "the maker's standard",
  otherwise: (duty) => [{ ...duty, shutOff: "A" }],
};
