/** Acids, chlorides, light gases, and what a refinery expects to be able to buy. */
import {
  type Awkward,
  anything,
  body,
  both,
  carbonSteel,
  case1,
  duty,
  metal,
  soft,
  stainless,
  trim,
} from "../awkward.ts";

const acid = (substance: string | null, family: string, temperatureC: number, more = {}) =>
  duty({
    lineDesignation: "class 150",
    fluid: { substance, family, phase: "liquid", ...more } as never,
    cases: [case1(5, temperatureC, { downstreamBarG: 0 })],
  });
const gas = (substance: string, bar: number, more = {}) =>
  duty({
    dn: 80,
    lineDesignation: "class 600",
    fluid: { substance, phase: "gas" } as never,
    cases: [case1(bar, 25, { downstreamBarG: 0 })],
    ...more,
  });
const leaking = both(metal, (c) => c.valve.seat.offer.shutOff !== "A");

export const chemistryAndShelf: readonly Awkward[] = [
  {
    name: "35 sulphuric acid of 98 % at 40 °C",
    duty: acid("sulphuric-acid", "strong mineral acid", 40),
    falls: { titanium: trim(/titanium/) },
    stands: { "alloy C-276": body(/C-276|CW-12MW|CX2MW|N10276/) },
  },
  {
    name: "36 hydrochloric acid",
    duty: acid(null, "strong mineral acid", 30, { name: "hydrochloric acid 30 %" }),
    falls: {
      "stainless steel": both(stainless, (c) => c.valve.construction.bodyWetted),
      "carbon steel": both(carbonSteel, (c) => c.valve.construction.bodyWetted),
    },
  },
  {
    name: "37 nitric acid of 60 %",
    duty: acid("nitric-acid", "oxidising acid", 40, { strengthPercent: 60 }),
    falls: {
      "carbon steel": both(carbonSteel, (c) => c.valve.construction.bodyWetted),
      "alloy 400": trim(/400/),
    },
    stands: { "stainless steel or titanium": (c) => /316|titanium/.test(c.valve.trim.ball) },
  },
  {
    name: "38 hydrogen fluoride",
    duty: acid("hydrogen-fluoride", "hydrofluoric acid", 30),
    falls: {
      "stainless trim": trim(/316/),
      "glass-filled PTFE": (c) => c.valve.seat.material.id === "rptfe",
    },
  },
  {
    name: "39 steam-out of a seawater line",
    duty: duty({
      dn: 100,
      fluid: { substance: "produced-water", phase: "liquid", chloridesMgL: 800 },
      cases: [
        case1(8, 35, { downstreamBarG: 0 }),
        case1(3, 140, { kind: "steam-out", phase: "steam", downstreamBarG: 0 }),
      ],
    }),
    falls: { "carbon steel": carbonSteel },
    stands: { "duplex: steam brings no chlorides": (c) => /duplex/.test(c.valve.trim.ball) },
  },
  {
    name: "40 chlorides in hot water on 316",
    duty: duty({
      dn: 80,
      fluid: { substance: "water", phase: "liquid", chloridesMgL: 600 },
      cases: [case1(10, 95, { downstreamBarG: 0 })],
    }),
    falls: { "a 316 closing member": trim(/austenitic 316/) },
  },
  {
    name: "41 hydrogen tight through a metal seat",
    duty: gas("hydrogen", 60),
    falls: {},
    says: { "the leakage of the gas": [leaking, /hydrogen|leak/i] },
  },
  {
    name: "42 hydrogen through a soft seat",
    duty: gas("hydrogen", 60),
    falls: {},
    stands: { "a soft seat": soft },
  },
  {
    name: "43 ammonia gas and copper",
    duty: gas("ammonia", 8),
    falls: { copper: trim(/bronze|alloy 400/) },
    stands: { anything },
  },
  {
    name: "44 rich amine at 110 °C",
    duty: duty({
      dn: 80,
      fluid: { substance: "amine", phase: "liquid", h2sKPa: 20 },
      cases: [case1(6, 110, { downstreamBarG: 0 })],
    }),
    falls: { bronze: trim(/bronze/), "17-4PH, which H₂S cracks": (c) => c.valve.trim.stem === "17-4PH" },
  },
  {
    name: "45 sea air on the bolting, cold",
    duty: duty({
      dn: 100,
      installation: "marine air",
      ambientMinimumC: -5,
      ambientMaximumC: 20,
      fluid: { substance: "natural-gas", phase: "gas" },
      cases: [case1(30, 15, { downstreamBarG: 0 })],
    }),
    falls: {},
    stands: { anything },
  },
  {
    name: "46 a low class offered for a high line",
    duty: duty({
      dn: 100,
      lineDesignation: "class 900",
      fluid: { substance: "natural-gas", phase: "gas" },
      cases: [case1(120, 40, { downstreamBarG: 0 })],
    }),
    falls: { "a lower class": (c) => /^class (150|300|600)$/.test(c.valve.size.designation) },
    stands: { anything },
  },
  {
    name: "47 hot carbide ball for fines at 380 °C",
    duty: duty({
      dn: 80,
      lineDesignation: "class 300",
      fluid: {
        family: "sweet hydrocarbon liquid",
        phase: "liquid",
        name: "slurry oil",
        solidsPercent: 2,
        solidsHard: true,
      },
      cases: [case1(12, 380, { downstreamBarG: 0 })],
    }),
    falls: { "every soft seat": soft, "carbon steel": carbonSteel },
  },
  {
    name: "48 dilute acid for a lined valve",
    duty: acid(null, "strong mineral acid", 60, { name: "hydrochloric acid 10 %" }),
    falls: { "stainless steel": both(stainless, (c) => c.valve.construction.bodyWetted) },
    stands: { "a fluoropolymer lining": (c) => !c.valve.construction.bodyWetted },
  },
  {
    name: "49 lethal sour gas, welded in",
    duty: duty({
      dn: 100,
      lineDesignation: "class 600",
      endConnection: "butt-weld",
      fluid: { substance: "sour-gas", phase: "gas", h2sKPa: 40 },
      cases: [case1(60, 40, { downstreamBarG: 0 })],
    }),
    falls: { "one packing": (c) => c.valve.seals.stemSeal !== "double packing with leak-off" },
    stands: { "a welded body with a leak-off": (c) => c.valve.line.construction === "trunnion-welded" },
  },
  {
    name: "50 superheated steam at 420 °C",
    duty: duty({
      dn: 80,
      fluid: { substance: "steam", phase: "steam" },
      cases: [case1(30, 420, { downstreamBarG: 0 })],
      lineDesignation: "class 600",
    }),
    falls: { "every soft seat": soft },
    stands: { "a hot metal-seated valve": metal },
  },
];
