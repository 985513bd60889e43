import type { Field } from "../field.ts";
import { number } from "../holds.ts";

/** Short-time current the switchboard allows. */
export const startingCurrent: Field<"startingCurrentA", number | null> = {
  path: "startingCurrentA",
  label: "Available starting current",
  short: "starting current",
  group: "drive",
  ...number("Available starting current", [0.1, 5000], "A"),
  headings: ["starting current there is", "starting current limit"],
};
