import type { Field } from "../field.ts";
import { temperature as holdsTemperature } from "../holds.ts";

export const temperature: Field<"cases.temperatureC", number | null> = {
  path: "cases.temperatureC",
  label: "Temperature",
  group: "case",
  ...holdsTemperature(),
  headings: ["temperature", "temp", "t"],
  wide: {
    normal: {
      label: "Normal temperature",
      headings: ["normal temperature", "operating temperature", "op temp", "oper temp"],
    },
    maximum: {
      label: "Maximum temperature",
      headings: [
        "maximum temperature",
        "design temperature",
        "max temperature",
        "max temp",
        "design temp",
        "des temp",
      ],
    },
  },
};
