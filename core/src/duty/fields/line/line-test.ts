import type { Field } from "../field.ts";
import { pressure } from "../holds.ts";

export const lineTest: Field<"lineTestBarG", number | null> = {
  path: "lineTestBarG",
  label: "Line test, valve closed",
  short: "line test",
  group: "line",
  ...pressure(),
  takenAsNone: { belongsTo: "task", mightBe: 100 },
  headings: ["line test, valve shut", "line test"],
  means: ["line test", "line test pressure"],
  moves: [0, 1000],
};
