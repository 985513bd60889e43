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
    "light and inexpensive for its size",
    "shaft behind the seat and off the bore centre: the disc leaves the seat within the first degrees",
  ],
  limits: [
    "slight rubbing: polymer or spring-loaded metal seat",
    "disc remains in the bore",
    "preferred direction",
  ],
  parts: [
    ...offsetDisc.parts,
    { id: "disc", does: "The disc edge meets the seat outside the plane of the shaft." },
    { id: "seat", does: "Held by a retainer in the body face." },
  ],
  seatKinds: ["polymer", "metal"],
  bestShutOff: { polymer: "A", metal: "D" },
  builtTo: { "class 150": [80, 1200], "class 300": [80, 900], "class 600": [80, 600] },
};
