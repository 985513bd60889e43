import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";

export const lowestVoltage: AssumedField<"lowestVoltagePercent", number | null> = {
  path: "lowestVoltagePercent",
  label: "Lowest voltage",
  group: "drive",
  ...number("Lowest voltage", [50, 100], "%"),
  headings: ["lowest voltage", "minimum voltage", "voltage drop"],
  means: ["voltage minimum", "supply voltage minimum"],
  why: "The torque of a motor falls with the square of its voltage.",
  raised: ({ operator }) => operator === "electric",
  settle: (duty, house) => duty.lowestVoltagePercent ?? house.assumedLowestVoltagePercent,
  otherwise: () => [80],
  moves: [50, 100],
};
