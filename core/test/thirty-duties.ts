/**
 * Thirty awkward duties with expectations written before they were run: what must be ruled out on the shelf, and what
 * must be suitable.
 */

import { breaking, hardestAt } from "../src/mechanics/torque/demand.ts";
import {
  type Awkward,
  anything,
  body,
  both,
  carbonSteel,
  case1,
  cavity,
  duty,
  type Given,
  line,
  metal,
  not,
  sealed,
  seat,
  soft,
  stainless,
  trim,
} from "./awkward.ts";

const methane = { substance: "natural-gas", family: "sweet hydrocarbon gas", phase: "gas" } as const;
const emergency: Omit<Given, "cases"> = {
  function: ["emergency shut-down"],
  operator: "pneumatic",
  fluid: methane,
};

export const thirtyDuties: readonly Awkward[] = [
  {
    name: "propane shut in outdoors",
    duty: duty({
      installation: "outdoor",
      fluid: { substance: "propane", family: "sweet hydrocarbon liquid", phase: "liquid" },
      cases: [case1(12, 20, { downstreamBarG: 0 })],
    }),
    falls: {
      "a cavity that opens only with the valve": cavity("slot hole"),
      "a filler with nothing to vent it": cavity("cavity filler"),
    },
    stands: { "seats that relieve": cavity("self-relieving seat") },
  },
  {
    name: "steam at ten bar, shut for weeks",
    duty: duty({ fluid: { substance: "steam", family: "steam", phase: "steam" }, cases: [case1(10, 190)] }),
    falls: {
      "virgin and modified PTFE": seat(/^(ptfe|tfm|rptfe)$/),
      "plain elastomers": sealed(/fkm|hnbr|nbr/),
    },
    stands: { "a metal seat": metal },
  },
  {
    name: "hot water at 160 °C",
    duty: duty({ fluid: { substance: "water", family: "water", phase: "liquid" }, cases: [case1(20, 160)] }),
    falls: { "PTFE, which steam washes out": seat(/^(ptfe|tfm)$/), fluoroelastomer: sealed(/^fkm/) },
    stands: { "a metal seat": metal },
  },
  {
    name: "water said to be liquid where it boils",
    duty: duty({ fluid: { substance: "water", family: "water", phase: "liquid" }, cases: [case1(2, 150)] }),
    falls: { "everything, until it is one or the other": anything },
  },
  {
    name: "ammonia said to be gas where it is liquid",
    duty: duty({ fluid: { substance: "ammonia", family: "ammonia", phase: "gas" }, cases: [case1(10, 10)] }),
    falls: { "everything, until it is one or the other": anything },
  },
  {
    name: "steam said to be steam below its saturation",
    duty: duty({ fluid: { family: "steam", phase: "steam" }, cases: [case1(10, 160)] }),
    falls: { "everything, until it is one or the other": anything },
  },
  {
    name: "an emergency valve with line pressure on both sides",
    duty: duty({
      ...emergency,
      dn: 150,
      lineDesignation: "class 600",
      onSupplyLoss: "closes",
      cases: [case1(85, 40, { downstreamBarG: 84.5 })],
    }),
    falls: {
      "a drive sized on half a bar": ({ demand }) =>
        demand.covering !== null && (hardestAt(demand, breaking).differentialBar ?? 0) < 85,
    },
    stands: { "a drive sized on all of it": (c) => c.drive !== null },
  },
  {
    name: "an emergency valve asked to stay",
    duty: duty({ ...emergency, onSupplyLoss: "stays", cases: [case1(20, 40)] }),
    falls: { everything: anything },
  },
  {
    name: "an emergency valve nobody says which way",
    duty: duty({ ...emergency, onSupplyLoss: null, cases: [case1(20, 40)] }),
    falls: { everything: anything },
  },
  {
    name: "emergency and double isolation at once",
    duty: duty({
      ...emergency,
      dn: 100,
      function: ["emergency shut-down", "double isolation, one way"],
      onSupplyLoss: "closes",
      cases: [case1(30, 40)],
    }),
    falls: { "one barrier": (c) => c.valve.cavity.barriers.forward < 2 },
    stands: { "a double-piston seat downstream": cavity("self-relieving + double-piston") },
  },
  {
    name: "condensate in a fire",
    duty: duty({
      dn: 100,
      fireSafe: true,
      fluid: { substance: "stabilised-condensate", family: "sweet hydrocarbon liquid", phase: "liquid" },
      cases: [case1(15, 40, { downstreamBarG: 0 })],
    }),
    falls: {
      "a stem that seals with PTFE alone": (c) =>
        !c.valve.seals.parts.some((p) => /packing/.test(p.part) && p.material.outlivesFire),
      "a PTFE gasket": sealed(/ptfe-gasket/),
    },
    stands: { "graphite at stem and joint": sealed(/graphite-packing/) },
  },
  {
    name: "one way in words, reverse in a case",
    duty: duty({
      flowDirection: "one way",
      fluid: { substance: "water", family: "water", phase: "liquid" },
      cases: [
        case1(8, 20, { downstreamBarG: 0 }),
        { upstreamBarG: 0, downstreamBarG: 5, temperatureC: 20, flow: "reverse" },
      ],
    }),
    falls: {
      "a hole in the upstream face": cavity("upstream hole"),
      "a line that seals one way": (c) => c.valve.line.sealing === "one way",
    },
    stands: { "seats that hold from either side": cavity("self-relieving seat") },
  },
  {
    name: "hydrogen at 60 bar and 230 °C",
    duty: duty({
      dn: 100,
      lineDesignation: "class 600",
      fluid: { substance: "hydrogen", family: "hydrogen", phase: "gas" },
      cases: [case1(60, 230)],
    }),
    falls: { "carbon steel": carbonSteel },
    stands: { "an austenitic body": body(/CF8M/) },
  },
  {
    name: "caustic of half strength at 60 °C",
    duty: duty({
      lineDesignation: "class 150",
      fluid: { family: "caustic", substance: "caustic-50", phase: "liquid", strengthPercent: 50 },
      cases: [case1(4, 60, { downstreamBarG: 0 })],
    }),
    falls: { "carbon steel as it comes": carbonSteel, "glass-filled PTFE": seat(/^rptfe$/) },
    stands: { "stainless steel and PTFE": both(stainless, soft) },
  },
  {
    name: "caustic of half strength at 105 °C",
    duty: duty({
      lineDesignation: "class 150",
      fluid: { family: "caustic", substance: "caustic-50", phase: "liquid", strengthPercent: 50 },
      cases: [case1(4, 105, { downstreamBarG: 0 })],
    }),
    falls: { "carbon steel": carbonSteel, "stainless steel": stainless },
    stands: { "a nickel alloy": body(/C-276/) },
  },
  {
    name: "crude at 300 °C",
    duty: duty({
      dn: 100,
      fluid: { substance: "crude-oil", family: "sweet hydrocarbon liquid", phase: "liquid" },
      cases: [case1(15, 300, { downstreamBarG: 0 })],
    }),
    falls: {
      "carbon steel": carbonSteel,
      "1¼ chromium": body(/WC6/),
      "what is soft, but polyimide": seat(/ptfe|tfm|peek/),
    },
    stands: { "stainless steel, metal seated": both(stainless, metal) },
  },
  {
    name: "wet gas with five bar of CO₂",
    duty: duty({
      dn: 100,
      fluid: { ...methane, carbonDioxideBarA: 5, freeWater: true },
      cases: [case1(40, 40)],
    }),
    falls: { "bare carbon steel": carbonSteel },
    stands: { "a stainless body": stainless },
  },
  {
    name: "seawater at 25 °C",
    duty: duty({
      dn: 100,
      fluid: { substance: "seawater", family: "seawater and brine", phase: "liquid", chloridesMgL: 19_000 },
      cases: [case1(10, 25, { downstreamBarG: 0 })],
    }),
    falls: {
      "316 anywhere it is wetted": both(trim(/austenitic 316/), (c) => c.valve.construction.bodyWetted),
      "22Cr duplex": body(/4A/),
    },
    stands: { "super duplex": body(/6A/) },
  },
  {
    name: "seawater at 35 °C",
    duty: duty({
      dn: 100,
      lineDesignation: "class 150",
      endConnection: "wafer",
      pipeBoreMm: 102,
      fluid: { substance: "seawater", family: "seawater and brine", phase: "liquid", chloridesMgL: 19_000 },
      cases: [case1(6, 35, { downstreamBarG: 0 })],
    }),
    falls: { "super duplex in the crevice": body(/6A/) },
    stands: { "a lining and a bronze disc": both(line(/concentric/), trim(/bronze/)) },
  },
  {
    name: "dry chlorine",
    duty: duty({
      lineDesignation: "class 150",
      fluid: { substance: "chlorine", family: "chlorine", phase: "liquid", freeWater: false },
      cases: [case1(10, 20, { downstreamBarG: 0 })],
    }),
    falls: {
      "titanium, which burns": trim(/titanium/),
      "one packing": (c) => c.valve.seals.stemSeal !== "double packing with leak-off",
    },
    stands: { "a sleeved plug in steel": line(/sleeved/) },
  },
  {
    name: "chlorine nobody says is dry",
    duty: duty({
      lineDesignation: "class 150",
      fluid: { substance: "chlorine", family: "chlorine", phase: "liquid" },
      cases: [case1(10, 20, { downstreamBarG: 0 })],
    }),
    falls: {
      "steel, which water would ruin": carbonSteel,
      "titanium, which dryness would": trim(/titanium/),
    },
  },
  {
    name: "acetone",
    duty: duty({
      fluid: { substance: "acetone", family: "ketones and esters", phase: "liquid" },
      cases: [case1(8, 30, { downstreamBarG: 0 })],
    }),
    falls: { fluoroelastomer: sealed(/^fkm/), "a plug that sealant seals": line(/lubricated/) },
    stands: { PTFE: soft },
  },
  {
    name: "sand, three per cent",
    duty: duty({
      dn: 80,
      fluid: {
        substance: "crude-oil",
        family: "sweet hydrocarbon liquid",
        phase: "liquid",

        solidsPercent: 3,
        solidsHard: true,
      },
      cases: [case1(20, 30, { downstreamBarG: 0 })],
    }),
    falls: { "every soft seat, PEEK too": soft },
    stands: { "carbide on a trunnion ball": both(seat(/metal-wc/), line(/trunnion|top-entry/)) },
  },
  {
    name: "two million strokes a year",
    duty: duty({
      strokesPerYear: 2_000_000,
      fluid: { substance: "nitrogen", family: "air and inert gas", phase: "gas" },
      cases: [case1(6, 20)],
    }),
    falls: {
      "a soft floating ball": both(soft, (c) => c.valve.construction.support === "floating"),
      "a plain gland": (c) => c.valve.seals.stemSeal === "adjustable gland",
    },
  },
  {
    name: "sour gas with no hazard ticked",
    duty: duty({
      dn: 100,
      fluid: { substance: "sour-gas", family: "sour hydrocarbon", phase: "gas", hazards: [], h2sKPa: 5 },
      cases: [case1(8, 30)],
    }),
    falls: {
      "one packing": (c) => c.valve.seals.stemSeal !== "double packing with leak-off",
      "a bolted side entry": line(/fennimoor-trunnion/),
    },
    stands: {
      "top entry with a leak-off": both(
        line(/top-entry/),
        (c) => c.valve.seals.stemSeal === "double packing with leak-off",
      ),
    },
  },
  {
    name: "liquid methane",
    duty: duty({
      dn: 80,
      lineDesignation: "class 150",
      fluid: { substance: "methane", family: "sweet hydrocarbon gas", phase: "liquid" },
      cases: [case1(4, -155, { downstreamBarG: 0 })],
      cavityRelief: true,
    }),
    falls: { "a short bonnet": (c) => !c.valve.line.stemExtension, "carbon steel": carbonSteel },
  },
  {
    name: "a drive in arctic air",
    duty: duty({
      operator: "pneumatic",
      onSupplyLoss: "closes",
      ambientMinimumC: -55,
      fluid: methane,
      cases: [case1(20, 20)],
    }),
    falls: { "every drive on the shelf": (c) => c.drive !== null },
  },
  {
    name: "lugs at the end of a hot line",
    duty: duty({
      dn: 100,
      lineDesignation: "class 150",
      endConnection: "lug",
      pipeBoreMm: 102,
      deadEnd: true,
      fluid: { substance: "water", family: "water", phase: "liquid" },
      cases: [case1(11.5, 180, { downstreamBarG: 0 })],
    }),
    falls: { "lugs that hold three quarters of the rating": (c) => (c.valve.line.deadEndFactor ?? 0) < 0.8 },
    stands: { "lugs that hold all of it": line(/triple-offset/) },
  },
  {
    name: "oxygen at 30 bar",
    duty: duty({
      equalisingBypass: true,
      fluid: { substance: "oxygen", family: "oxygen", phase: "gas" },
      cases: [case1(30, 20)],
    }),
    falls: {
      steel: carbonSteel,
      "stainless steel": stainless,
      "filled PTFE and PEEK": seat(/rptfe|ptfe-|peek/),
    },
    stands: { "alloy 400 and PTFE": both(body(/400/), seat(/^(ptfe|tfm)$/)) },
  },
  {
    name: "butadiene",
    duty: duty({
      lineDesignation: "class 150",
      fluid: { substance: "butadiene", family: "polymerising monomer", phase: "liquid" },
      cases: [case1(6, 30, { downstreamBarG: 0 })],
    }),
    falls: {
      "copper in the trim": trim(/alloy 400|bronze/),
      "an open cavity": both(not(cavity("cavity filler")), (c) => c.valve.construction.holdsCavity),
    },
    stands: { "a sleeved plug": line(/sleeved/) },
  },
];
