import { doubleOffsetAssembly } from "./assembly/discs.ts";
import type { Construction } from "./construction.ts";
import { offsetDisc } from "./families/offset-disc.ts";

export const butterflyDoubleOffset: Construction = {
  ...offsetDisc,
  id: "butterfly-double-offset",
  assembly: doubleOffsetAssembly,
  name: "Butterfly, double-offset",
  entry: "wafer or lug",
  direction: "one way",
  strengths: [
    "light, cheap for its size",
    "shaft behind the seat and off the bore’s middle: the disc leaves the seat in the first degrees",
  ],
  limits: ["slight rub: polymer or sprung metal seat", "disc stands in the bore", "preferred direction"],
  parts: [
    ...offsetDisc.parts,
    { id: "disc", does: "Its edge meets the seat off the shaft’s plane." },
    { id: "seat", does: "Held by a retainer in the face." },
  ],
  seatKinds: ["polymer", "metal"],
  bestShutOff: { polymer: "A", metal: "D" },
  builtTo: { "class 150": [80, 1200], "class 300": [80, 900], "class 600": [80, 600] },
};
