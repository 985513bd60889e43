/** Liquids that boil in the valve, and solids that cut it. */
import {
  type Awkward,
  anything,
  both,
  carbonSteel,
  case1,
  duty,
  type Given,
  line,
  metal,
  not,
  plainClosure,
  seat,
  soft,
  throttling,
} from "../awkward.ts";

const water: Given["fluid"] = { substance: "water", phase: "liquid", vapourPressureBarA: null };
const ammonia: Given["fluid"] = { substance: "ammonia", phase: "liquid" };
const sandy: Given["fluid"] = {
  substance: "crude-oil",
  phase: "liquid",
  densityKgM3: 850,
  vapourPressureBarA: 0.3,
  viscosityMPaS: 8,
  solidsHard: true,
};

export const boilingAndSolids: readonly Awkward[] = [
  {
    name: "1 hot condensate that flashes in a control valve",
    duty: throttling({
      dn: 50,
      fluid: { ...water },
      cases: [case1(12, 185, { downstreamBarG: 2, rate: 9000, rateBasis: "kg/h" })],
    }),
    falls: {
      "a soft seat": soft,
      "a closing member without a hard face": plainClosure,
      "carbon steel, which flashing erodes": carbonSteel,
    },
    says: { "the pipe behind": [anything, /pipe/i] },
  },
  {
    name: "2 feed water that cavitates in a control valve",
    duty: throttling({
      dn: 50,
      lineDesignation: "class 300",
      fluid: { ...water },
      cases: [case1(40, 120, { downstreamBarG: 3, rate: 20000, rateBasis: "kg/h" })],
    }),
    falls: { "a soft seat": soft, "a closing member without a hard face": plainClosure },
  },
  {
    name: "3 ammonia let down to a drum",
    duty: throttling({
      dn: 50,
      fluid: ammonia,
      cases: [case1(14, 30, { downstreamBarG: 2, rate: 5000, rateBasis: "kg/h" })],
    }),
    falls: { "a soft seat": soft, "a closing member without a hard face": plainClosure },
    says: { "the body too": [carbonSteel, /body/i] },
  },
  {
    name: "4 propane drained to flare through an isolation valve",
    duty: duty({
      dn: 25,
      fluid: { substance: "propane", phase: "liquid" },
      cases: [case1(12, 20, { downstreamBarG: 0.2, rate: 2000, rateBasis: "kg/h" })],
    }),
    falls: {},
    says: {
      "a soft seat in boiling flow": [soft, /seat/i],
      "a plain ball in boiling flow": [plainClosure, /closing member|ball/i],
    },
  },
  {
    name: "5 cold water far from boiling",
    duty: throttling({
      dn: 50,
      fluid: { ...water },
      cases: [case1(6, 20, { downstreamBarG: 4.8, rate: 12000, rateBasis: "kg/h" })],
    }),
    falls: {},
    stands: { "a soft-seated control valve": both(soft, line(/segment|v-port/)) },
  },
  {
    name: "6 catalyst fines, a fifth of the slurry",
    duty: duty({
      dn: 80,
      fluid: { ...sandy, solidsPercent: 20 },
      cases: [case1(15, 60, { downstreamBarG: 0 })],
    }),
    falls: {
      "a soft seat": soft,
      "cobalt hardfacing on the closing member": (c) => c.valve.trim.coating === "cobalt hardfacing",
      "a cobalt-faced seat": seat(/stellite/),
      "a closing member without a hard face": plainClosure,
    },
    stands: { "carbide on both faces": both(metal, (c) => /carbide/.test(c.valve.trim.coating ?? "")) },
  },
  {
    name: "7 sand at five per cent on a metal seat",
    duty: duty({
      dn: 80,
      fluid: { ...sandy, solidsPercent: 5 },
      cases: [case1(15, 60, { downstreamBarG: 0 })],
    }),
    falls: { "a soft seat": soft, "a closing member without a hard face": plainClosure },
    stands: { "hard faces": metal },
  },
  {
    name: "8 sand at fifteen metres a second",
    duty: duty({
      dn: 50,
      fluid: { ...sandy, solidsPercent: 4 },
      cases: [case1(15, 60, { downstreamBarG: 14, rate: 110, rateBasis: "m³/h" })],
    }),
    falls: { "any body: it erodes with its pipe": anything },
  },
  {
    name: "9 a pinch of dust in nitrogen",
    duty: duty({
      dn: 50,
      fluid: { substance: "nitrogen", phase: "gas", solidsPercent: 0.1, solidsHard: true },
      cases: [case1(6, 20, { downstreamBarG: 0 })],
    }),
    falls: {},
    stands: { "a soft seat": soft, "a metal seat": metal },
  },
  {
    name: "10 steam let down nearly shut",
    duty: throttling({
      dn: 80,
      fluid: { substance: "steam", phase: "steam" },
      cases: [case1(10, 200, { downstreamBarG: 2, rate: 300, rateBasis: "kg/h" })],
    }),
    falls: { "a soft seat": soft },
  },
  {
    name: "11 soft fibres and pulp in water",
    duty: duty({
      dn: 100,
      lineDesignation: "class 150",
      fluid: { ...water, solidsPercent: 4, solidsHard: false, fibres: true },
      cases: [case1(4, 20, { downstreamBarG: 0 })],
    }),
    falls: {
      "a trunnion cavity that packs": (c) => c.valve.construction.support === "trunnion",
    },
  },
  {
    name: "12 hard sand and a floating ball with springs",
    duty: duty({
      dn: 80,
      fluid: { ...sandy, solidsPercent: 5 },
      cases: [case1(15, 60, { downstreamBarG: 0 })],
    }),
    falls: {},
    says: {
      "what is sprung or scrapes": [
        both(metal, not(line(/eccentric|segment|tilt|lubricated/))),
        /solid|scrap|spring/i,
      ],
    },
  },
];
