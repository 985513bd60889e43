import { tripleOffsetAssembly } from "./assembly/discs.ts";
import type { Construction } from "./construction.ts";
import { offsetDisc } from "./families/offset-disc.ts";

export const butterflyTripleOffset: Construction = {
  ...offsetDisc,
  id: "butterfly-triple-offset",
  assembly: tripleOffsetAssembly,
  name: "Butterfly, triple-offset",
  entry: "wafer, lug or flanged",
  // Closed by torque: the seating torque must come from the maker.
  rubbing: null,
  direction: "both ways",
  strengths: [
    "conical seat tilted off the axis: no rubbing",
    "solid or laminated metal: hot and high pressure",
    "light for its size",
  ],
  limits: [
    "closes by torque, not by position",
    "complex and expensive",
    "disc remains in the bore",
    "preferred direction",
  ],
  parts: [
    ...offsetDisc.parts,
    { id: "disc", does: "Carries the seal ring." },
    { id: "ring", shows: ["seat"], does: "Laminated or solid ring, a slice of a tilted cone." },
    { id: "seat", name: "hard-faced seat", shows: ["body"], does: "Inclined cone in the body." },
  ],
  seatKinds: ["metal"],
  bestShutOff: { metal: "A" },
  builtTo: {
    "class 150": [80, 1200],
    "class 300": [80, 1200],
    "class 600": [80, 600],
    "class 900": [150, 400],
  },
};
