import type { Field } from "../field.ts";
import { set } from "../holds.ts";
import { type FactorReason, factorReasons } from "../words.ts";

export const factorSetAside: Field<"factorSetAside", FactorReason[] | null> = {
  path: "factorSetAside",
  label: "Torque factors set aside",
  group: "drive",
  ...set(factorReasons),
  headings: ["reasons of the factor set aside"],
};
