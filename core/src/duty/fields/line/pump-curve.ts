import type { Field } from "../field.ts";
import { readable } from "../holds.ts";
import { readPumpCurve } from "../pump-curve.ts";

const faultIn = (text: string) => {
  const read = readPumpCurve(text);
  return "fault" in read ? read.fault : null;
};

/** Pressure before the valve over flow, where a pump or compressor supplies it. */
export const pumpCurve: Field<"pumpCurve", string | null> = {
  path: "pumpCurve",
  label: "Pump curve, flow and bar g",
  short: "pump curve",
  group: "line",
  ...readable(200, faultIn, ["0 12; 100 11; 200 8", "0 5.8; 640 4.9"]),
  shown: ({ function: tasks }) => tasks?.includes("throttling") ?? false,
  headings: ["pump curve", "pump curve, flow and bar g"],
};
