import type { ProductLine } from "@proven-seat/core/equipment/catalogue";
import { notches, segments } from "../flow-trims.ts";
import { floatingBreak, trunnionBreak } from "../geometry.ts";
import { floating } from "./floating.ts";
import { make } from "./make.ts";
import {
  ballStroke,
  fixedBallStroke,
  generic,
  graphiteSeals,
  liveGraphiteSeals,
  made,
  measured,
  softSeals,
  trim316,
  trimCobalt,
  usual,
} from "./parts.ts";

/** Seat of the segment that does not touch it. */
const clear = "metal-wc";

export const controlLines = (): ProductLine[] => [
  make({
    line: {
      ...usual,
      id: "tarrowby-v-port",
      maker: "Tarrowby Controls",
      name: "Vee",
      construction: "v-port-ball",
      port: "V-notch",
      cavities: [{ arrangement: "none", priceFactor: 1 }],
      sealing: "one way",
      fireSafe: false,
      ends: ["flanged RF"],
      grades: [
        { grade: "A216 WCB", priceFactor: 1 },
        { grade: "A351 CF8M", priceFactor: 1.5 },
      ],
      trims: [trimCobalt],
      seats: [
        made("soft ring", generic("rptfe", 1, "class VI")),
        made("soft ring", generic("peek", 1.15, "class V")),
        made("solid metal ring", generic("metal-stellite", 1.4, "class IV")),
      ],
      seals: [softSeals, graphiteSeals],
      stroke: ballStroke,
    },
    flow: notches,
    range: { "class 150": [25, 200], "class 300": [25, 150] },
    proportions: { ...floating, breakOf: floatingBreak(0.8) },
    boreShare: 0.8,
    allowableShearMPa: 180,
    thinnestStem: (dn) => 10 + 0.15 * dn,
    price: (dn) => 380 + 3.4 * dn ** 1.36,
    weight: (dn) => 2 + 0.009 * dn ** 1.85,
  }),
  make({
    line: {
      ...usual,
      id: "tarrowby-segment",
      maker: "Tarrowby Controls",
      name: "Arc",
      construction: "segment-ball",
      port: "V-notch",
      cavities: [{ arrangement: "none", priceFactor: 1 }],
      sealing: "one way",
      fireSafe: false,
      ends: ["flanged RF"],
      grades: [
        { grade: "A216 WCB", priceFactor: 1 },
        { grade: "A351 CF8M", priceFactor: 1.45 },
      ],
      trims: [trim316, trimCobalt],
      seats: [
        made(
          "soft ring",
          measured("rptfe", 1, "class VI", "Arc G", [
            [-50, 50],
            [38, 50],
            [100, 40],
            [150, 28],
            [200, 14],
            [232, 6],
          ]),
        ),
        made("flexed metal lip", generic("metal-stellite", 1.2, "class IV")),
        made("solid metal ring", generic("metal-crc", 1.34, "class IV")),
        made("clearance", generic(clear, 1.38, null)),
      ],
      seals: [softSeals, liveGraphiteSeals],
      stroke: fixedBallStroke,
    },
    flow: segments,
    range: { "class 150": [25, 400], "class 300": [25, 300] },
    proportions: {
      closure: 1.4,
      contact: 1.06,
      width: 0.05,
      seal: 1.06,
      preload: 0.4,
      offsets: null,
      breakOf: trunnionBreak(1, clear),
    },
    boreShare: 0.92,
    allowableShearMPa: 190,
    thinnestStem: (dn) => 10 + 0.13 * dn,
    price: (dn) => 340 + 2.8 * dn ** 1.38,
    weight: (dn) => 2 + 0.0062 * dn ** 1.85,
  }),
];
