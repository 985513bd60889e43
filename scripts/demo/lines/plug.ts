import type { ProductLine } from "@proven-seat/core/equipment/catalogue";
import { characterisedSeats } from "../flow-trims.ts";
import { plugBreak } from "../geometry.ts";
import { make } from "./make.ts";
import {
  doubleSeals,
  generic,
  graphiteSeals,
  liveGraphiteSeals,
  made,
  measured,
  plugStroke,
  softSeals,
  trim316,
  trim625,
  trimCobalt,
  usual,
} from "./parts.ts";

/** A spring strong enough at the end of an even stroke is twice as strong at its start. */
const evenStroke = { stem: 5, pad: 5 } as const;
const taper = { closure: 1.3, contact: 1.1, width: 0.3, seal: null, preload: 0.6, offsets: null } as const;
const sleeve = (name: string, seat: string, factor: number, top: number) =>
  measured(seat, factor, "A", name, [
    [-50, top],
    [38, top],
    [100, top * 0.62],
    [150, top * 0.4],
    [200, top * 0.15],
  ]);

export const plugLines = (): ProductLine[] => [
  make({
    line: {
      ...usual,
      id: "osmere-sleeved",
      maker: "Osmere Flow",
      name: "Mantle",
      construction: "plug-sleeved",
      port: "reduced",
      cavities: [{ arrangement: "none", priceFactor: 1 }],
      fireSafe: false,
      jacket: { maximumBarG: 10, maximumC: 180 },
      ends: ["flanged RF"],
      grades: [
        { grade: "A216 WCB", priceFactor: 1 },
        { grade: "A351 CF8M", priceFactor: 1.4 },
        { grade: "Alloy C-276", priceFactor: 5.5 },
      ],
      trims: [trim316, trim625],
      seats: [sleeve("Mantle P", "ptfe", 1, 50), sleeve("Mantle T", "tfm", 1.05, 60)],
      seals: [softSeals, doubleSeals],
      stroke: plugStroke,
    },
    range: { "class 150": [15, 300], "class 300": [15, 200] },
    proportions: { ...taper, breakOf: plugBreak(2.2) },
    boreShare: 0.85,
    reserve: evenStroke,
    allowableShearMPa: 180,
    thinnestStem: (dn) => 8 + 0.1 * dn,
    price: (dn) => 120 + 1.5 * dn ** 1.42,
    weight: (dn) => 2 + 0.011 * dn ** 1.85,
  }),
  make({
    line: {
      ...usual,
      id: "fennimoor-lubricated",
      maker: "Fennimoor Valve Works",
      name: "FW-L",
      construction: "plug-lubricated",
      port: "reduced",
      cavities: [{ arrangement: "none", priceFactor: 1 }],
      seatSealant: true,
      ends: ["flanged RF", "flanged RTJ"],
      grades: [{ grade: "A216 WCB", priceFactor: 1 }],
      trims: [trimCobalt],
      seats: [generic("metal-stellite", 1, "C")],
      seals: [graphiteSeals],
      stroke: plugStroke,
    },
    range: { "class 150": [25, 400], "class 300": [25, 400], "class 600": [50, 250] },
    // The sealant film carries the plug: a third of dry metal friction.
    proportions: { ...taper, breakOf: plugBreak(1.4, 0.33) },
    boreShare: 0.8,
    reserve: evenStroke,
    allowableShearMPa: 200,
    thinnestStem: (dn) => 10 + 0.1 * dn,
    price: (dn) => 190 + 1.9 * dn ** 1.42,
    weight: (dn) => 3 + 0.0125 * dn ** 1.86,
  }),
  make({
    line: {
      ...usual,
      id: "tarrowby-eccentric",
      maker: "Tarrowby Controls",
      name: "Cam",
      construction: "plug-eccentric",
      port: "reduced",
      cavities: [{ arrangement: "none", priceFactor: 1 }],
      sealing: "one way",
      fireSafe: false,
      antiStatic: false,
      ends: ["flanged RF"],
      grades: [
        { grade: "A216 WCB", priceFactor: 1 },
        { grade: "A351 CF8M", priceFactor: 1.5 },
      ],
      trims: [trim316, trimCobalt],
      seats: [
        made(
          "soft ring",
          measured("uhmwpe", 1, "class VI", "Cam U", [
            [-40, 20],
            [40, 20],
            [80, 10],
          ]),
        ),
        made("solid metal ring", generic("metal-stellite", 1.25, "class IV")),
      ],
      seals: [softSeals, liveGraphiteSeals],
      stroke: plugStroke,
    },
    flow: characterisedSeats,
    range: { "class 150": [25, 400], "class 300": [50, 250] },
    proportions: { ...taper, offsets: [0, 0.08], breakOf: plugBreak(0.35) },
    boreShare: 0.85,
    reserve: evenStroke,
    allowableShearMPa: 180,
    thinnestStem: (dn) => 8 + 0.08 * dn,
    price: (dn) => 160 + 1.3 * dn ** 1.4,
    weight: (dn) => 3 + 0.008 * dn ** 1.85,
  }),
];
