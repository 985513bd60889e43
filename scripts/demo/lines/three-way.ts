import type { ProductLine } from "@proven-seat/core/equipment/catalogue";
import { floatingBreak } from "../geometry.ts";
import { floating } from "./floating.ts";
import { make } from "./make.ts";
import { ballStroke, generic, graphiteSeals, softSeals, trim316, usual } from "./parts.ts";

const threeWay = (letter: "L" | "T"): ProductLine =>
  make({
    line: {
      ...usual,
      id: `tarrowby-three-way-${letter.toLowerCase()}`,
      maker: "Tarrowby Controls",
      name: `Fork ${letter}`,
      construction: `three-way-${letter.toLowerCase()}`,
      port: "reduced",
      cavities: [{ arrangement: "slot hole", priceFactor: 1 }],
      fireSafe: false,
      ends: ["flanged RF"],
      grades: [
        { grade: "A216 WCB", priceFactor: 1 },
        { grade: "A351 CF8M", priceFactor: 1.5 },
      ],
      trims: [trim316],
      seats: [generic("tfm", 1, "B"), generic("ptfe-ss", 1.07, "B")],
      seals: [softSeals, graphiteSeals],
      stroke: ballStroke,
    },
    range: { "class 150": [25, 150], "class 300": [25, 100] },
    proportions: { ...floating, breakOf: floatingBreak(1.35) },
    boreShare: 0.85,
    allowableShearMPa: 180,
    thinnestStem: (dn) => 10 + 0.18 * dn,
    price: (dn) => 210 + 2.4 * dn ** 1.41,
    weight: (dn) => 3 + 0.0125 * dn ** 1.86,
  });

export const threeWayLines = (): ProductLine[] => [threeWay("L"), threeWay("T")];
