import { readComposition } from "../../../basis/reference/mixture.ts";
import type { Field } from "../field.ts";
import { readable } from "../holds.ts";

const faultIn = (text: string) => {
  const read = readComposition(text);
  return "fault" in read ? read.fault : null;
};

/** Components of a gas mixture; if stated, it replaces the substance in every flow calculation. */
export const composition: Field<"fluid.composition", string | null> = {
  path: "fluid.composition",
  label: "Composition, mol %",
  short: "composition",
  group: "fluid",
  ...readable(400, faultIn, ["methane 85; ethane 15", "CO2 97; nitrogen 3", "hydrogen 90; H2S 10"]),
  headings: ["composition", "composition, mol %", "mol %", "gas composition"],
};
