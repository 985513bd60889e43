import { familiesIn } from "../families-in.ts";
import type { AssumedField } from "../field.ts";
import { quantity } from "../holds.ts";

export const h2s: AssumedField<"fluid.h2sKPa", number | null> = {
  path: "fluid.h2sKPa",
  label: "Partial pressure of H₂S",
  short: "H₂S partial",
  group: "fluid",
  ...quantity("partial pressure", "Partial pressure of H₂S", [0, 100_000], "kPa"),
  takenAsNone: { belongsTo: "fluid", mightBe: 10 },
  headings: ["h2s partial pressure", "h₂s partial pressure", "h₂s", "h2s", "h₂s, kpa", "h2s kpa"],
  means: ["hydrogen sulphide partial", "hydrogen sulphide partial pressure", "hydrogen sulphide pressure"],
  why: "Decides sour-service trim, bolting and hardness.",
  raised: ({ fluid }) => familiesIn(fluid).includes("sour hydrocarbon"),
  mustBeKnown: true,
  settle: ({ fluid }) => fluid.h2sKPa ?? 0,
  moves: [0, 10_000],
};
