import { familiesIn } from "../families-in.ts";
import type { AssumedField } from "../field.ts";
import { number } from "../holds.ts";
import type { DutySeen } from "../seen.ts";

/** Families in which chlorides are to be expected. */
const wet = new Set(["water", "hot water above 90 C", "seawater and brine", "amine solution", "caustic"]);

/** Chlorides below this neither pit nor crack an austenitic steel in practice, mg/l. */
export const harmlessChloridesMgL = 10;
/** From here on acidity and oxygen are asked, mg/l. */
const saltyFromMgL = 50;

/** Water in which there are chlorides, so that acidity and oxygen decide too. */
export const isSaltWater = ({ fluid }: DutySeen): boolean => (fluid.chloridesMgL ?? 0) >= saltyFromMgL;

export const chlorides: AssumedField<"fluid.chloridesMgL", number | null> = {
  path: "fluid.chloridesMgL",
  label: "Chlorides",
  group: "fluid",
  ...number("Chlorides", [0, 400_000], "mg/l"),
  takenAsNone: { belongsTo: "fluid", mightBe: 20_000 },
  headings: ["chlorides", "chlorides, mg/l", "chloride"],
  means: ["chlorides"],
  why: "Austenitic steels crack and pit in warm chloride solutions.",
  raised: ({ fluid }) => familiesIn(fluid).some((family) => wet.has(family)),
  assumed: "none",
  settle: ({ fluid }) => fluid.chloridesMgL ?? 0,
  otherwise: () => [20_000],
  moves: [0, 400_000],
};
