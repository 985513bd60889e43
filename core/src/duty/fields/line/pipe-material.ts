import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { pipeMaterials } from "../words.ts";

export const pipeMaterial: Field<"pipeMaterial", (typeof pipeMaterials)[number] | null> = {
  path: "pipeMaterial",
  label: "Pipe material",
  short: "pipe material",
  group: "line",
  ...choice(pipeMaterials),
  headings: ["pipe material", "piping material", "line material"],
  written: {
    "carbon steel":
      "cs, c.s., carbon, a106, a106 b, a106 gr b, a53, a105, p235gh, c-stahl, acier carbone, acero al carbono",
    "low-temperature carbon steel": "ltcs, lt cs, a333, a333 gr 6, low temperature carbon steel",
    "1¼Cr–½Mo steel": "p11, a335 p11, 1.25cr-0.5mo, 1 1/4 cr",
    "austenitic 304": "304, 304l, ss304, ss 304, a312 tp304, a312 tp304l, 1.4301, 1.4307",
    "austenitic 316": "316, 316l, ss316, ss 316, a312 tp316, a312 tp316l, 1.4401, 1.4404",
    "22Cr duplex": "duplex, 22cr, 2205, s31803, s32205, 1.4462",
    "25Cr super duplex": "super duplex, superduplex, 25cr, 2507, s32750, s32760, 1.4410",
    "6Mo austenitic": "6mo, s31254, 1.4547",
    "alloy 400": "400, n04400",
    "alloy 625 or C-276": "alloy 625, c-276, c276, n06625, n10276",
    titanium: "ti, titanium gr 2, grade 2 titanium",
  },
};
