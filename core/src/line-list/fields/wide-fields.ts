import { type LineListField, pressure, temperature } from "./field.ts";

/** Normal and maximum conditions in a list with one row a tag. */
export const wideFields: readonly LineListField[] = [
  {
    id: "normal.upstreamBarG",
    label: "Normal pressure",
    of: "normal",
    holds: pressure,
    headings: ["normal pressure", "operating pressure", "op press", "oper press"],
  },
  {
    id: "normal.temperatureC",
    label: "Normal temperature",
    of: "normal",
    holds: temperature,
    headings: ["normal temperature", "operating temperature", "op temp", "oper temp"],
  },
  {
    id: "maximum.upstreamBarG",
    label: "Maximum pressure",
    of: "maximum",
    holds: pressure,
    headings: ["maximum pressure", "design pressure", "max pressure", "design press", "des press"],
  },
  {
    id: "maximum.temperatureC",
    label: "Maximum temperature",
    of: "maximum",
    holds: temperature,
    headings: [
      "maximum temperature",
      "design temperature",
      "max temperature",
      "max temp",
      "design temp",
      "des temp",
    ],
  },
];
