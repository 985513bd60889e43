import type { Field } from "../field.ts";
import { temperature as holdsTemperature } from "../holds.ts";

export const temperature: Field<"cases.temperatureC", number | null> = {
  path: "cases.temperatureC",
  label: "Temperature",
  group: "case",
  ...holdsTemperature(),
  headings: ["temperature", "temp", "t"],
  means: ["temperature", "upstream temperature", "line temperature", "fluid temperature"],
};
