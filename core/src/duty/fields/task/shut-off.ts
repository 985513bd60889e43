import type { Field } from "../field.ts";
import { choice } from "../holds.ts";
import { type ShutOff, shutOffPromises } from "../words.ts";

export const shutOff: Field<"shutOff", ShutOff | null> = {
  path: "shutOff",
  label: "Shut-off rate or class",
  short: "shut-off",
  group: "task",
  ...choice(shutOffPromises, (asked) =>
    asked.startsWith("class ") ? `IEC 60534-4 ${asked}` : `ISO 5208 rate ${asked}`,
  ),
  headings: ["shut-off rate", "shut-off", "leakage rate", "iso 5208 rate"],
  means: ["leakage", "leakage class", "leakage rate", "shut leakage", "tightness", "shut class"],
  written: {
    A: `
      rate a, iso 5208 a, iso 5208 rate a, leckrate a, en 12266 a, class a, ~tso, ~tight, ~bubble tight,
      ~tight shut-off, ~tight shutoff, ~bubbletight, ~zero leakage, ~dicht`,
    AA: "rate aa, iso 5208 aa, iso 5208 rate aa, leckrate aa, en 12266 aa, class aa",
    B: "rate b, iso 5208 b, iso 5208 rate b, leckrate b, en 12266 b, class b",
    C: "rate c, iso 5208 c, iso 5208 rate c, leckrate c, en 12266 c, class c",
    CC: "rate cc, iso 5208 cc, iso 5208 rate cc, leckrate cc, en 12266 cc, class cc",
    D: "rate d, iso 5208 d, iso 5208 rate d, leckrate d, en 12266 d, class d",
    E: "rate e, iso 5208 e, iso 5208 rate e, leckrate e, en 12266 e, class e",
    EE: "rate ee, iso 5208 ee, iso 5208 rate ee, leckrate ee, en 12266 ee, class ee",
    F: "rate f, iso 5208 f, iso 5208 rate f, leckrate f, en 12266 f, class f",
    G: "rate g, iso 5208 g, iso 5208 rate g, leckrate g, en 12266 g, class g",
    "class II": "class ii, iec 60534-4 ii, iec 60534-4 class ii, leakage class ii, seat leakage class ii",
    "class III":
      "class iii, iec 60534-4 iii, iec 60534-4 class iii, leakage class iii, seat leakage class iii",
    "class IV": "class iv, iec 60534-4 iv, iec 60534-4 class iv, leakage class iv, seat leakage class iv",
    "class V": "class v, iec 60534-4 v, iec 60534-4 class v, leakage class v, seat leakage class v",
    "class VI": "class vi, iec 60534-4 vi, iec 60534-4 class vi, leakage class vi, seat leakage class vi",
  },
  why: "Metal seats and control seats leak more than soft seats.",
  assumed: "the standard of the maker",
  otherwise: () => ["A"],
};
