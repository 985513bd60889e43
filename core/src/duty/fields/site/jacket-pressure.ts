import type { Field } from "../field.ts";
import { pressure } from "../holds.ts";
import { vacuumBarG } from "../limits.ts";

export const jacketPressure: Field<"jacketBarG", number | null> = {
  path: "jacketBarG",
  label: "Jacket pressure",
  short: "jacket",
  group: "site",
  ...pressure(),
  headings: ["jacket pressure"],
  means: ["jacket pressure"],
  moves: [vacuumBarG, 100],
};
