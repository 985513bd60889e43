/** Trapped liquids, liquefied gases and what falls to ice. */
import {
  type Awkward,
  anything,
  both,
  carbonSteel,
  case1,
  type cavity,
  duty,
  not,
  soft,
} from "../awkward.ts";

const holds = (c: Parameters<ReturnType<typeof cavity>>[0]): boolean => c.valve.construction.holdsCavity;
const trapping = both(holds, (c) => ["none", "while open only"].includes(String(c.valve.cavity.relievesTo)));
const cold = { dn: 80, lineDesignation: "class 150", installation: "outdoor" } as const;

export const cavitiesAndCold: readonly Awkward[] = [
  {
    name: "23 liquid methane with a relief piped to the line",
    duty: duty({
      ...cold,
      cavityRelief: true,
      fluid: { substance: "methane", phase: "liquid" },
      cases: [case1(4, -155, { downstreamBarG: 0 })],
    }),
    falls: { "carbon steel": carbonSteel },
    stands: { "a cold top-entry ball": (c) => c.valve.line.stemExtension },
  },
  {
    name: "24 liquid methane without any relief",
    duty: duty({
      ...cold,
      cavityRelief: false,
      fluid: { substance: "methane", phase: "liquid" },
      cases: [case1(4, -155, { downstreamBarG: 0 })],
    }),
    falls: { "a cavity that traps": trapping },
  },
  {
    name: "25 liquid ethylene at −100 °C",
    duty: duty({
      ...cold,
      lineDesignation: "class 300",
      fluid: { substance: "ethylene", phase: "liquid" },
      cases: [case1(8, -100, { downstreamBarG: 0 })],
    }),
    falls: { "a cavity that traps": trapping, "carbon steel": carbonSteel },
    stands: { "a seat that relieves": not(trapping) },
  },
  {
    name: "26 liquid nitrogen",
    duty: duty({
      ...cold,
      fluid: { substance: "nitrogen", phase: "liquid" },
      cases: [case1(4, -185, { downstreamBarG: 0 })],
    }),
    falls: { "a cavity that traps": trapping, "a short bonnet": (c) => !c.valve.line.stemExtension },
    stands: { "a cold top-entry ball": (c) => c.valve.line.stemExtension },
  },
  {
    name: "27 liquid oxygen",
    duty: duty({
      ...cold,
      equalisingBypass: true,
      fluid: { substance: "oxygen", phase: "liquid" },
      cases: [case1(4, -175, { downstreamBarG: 0 })],
    }),
    falls: { "a cavity that traps": trapping, "carbon steel": carbonSteel },
  },
  {
    name: "28 CO₂ shut in at 15 °C and warmed past its critical point",
    duty: duty({
      dn: 100,
      lineDesignation: "class 900",
      installation: "outdoor",
      ambientMaximumC: 38,
      fluid: { substance: "carbon-dioxide", phase: "dense phase", freeWater: false },
      cases: [case1(100, 15, { downstreamBarG: 0 })],
    }),
    falls: { "a cavity that traps": trapping },
  },
  {
    name: "29 chlorine shut in, dry",
    duty: duty({
      ...cold,
      fluid: { substance: "chlorine", phase: "liquid", freeWater: false },
      cases: [case1(8, 10, { downstreamBarG: 0 })],
    }),
    falls: { "a cavity that traps": trapping, titanium: (c) => c.valve.trim.ball === "titanium" },
  },
  {
    name: "30 sulphur dioxide, dry",
    duty: duty({
      ...cold,
      fluid: { substance: "sulphur-dioxide", phase: "liquid", freeWater: false },
      cases: [case1(6, 20, { downstreamBarG: 0 })],
    }),
    falls: { "a cavity that traps": trapping },
    stands: {
      "stainless steel, which dry SO₂ leaves alone": (c) => /CF8M|CF3M|F316/.test(c.valve.grade.grade),
    },
  },
  {
    name: "31 an unknown liquid whose cavity is relieved to the line",
    duty: duty({
      cavityRelief: true,
      fluid: { family: "sweet hydrocarbon liquid", phase: "liquid", name: "heavy cut" },
      cases: [case1(10, 40, { downstreamBarG: 0 })],
    }),
    falls: {},
    stands: { "a relieved cavity: no expansion is needed": holds },
  },
  {
    name: "32 an unknown liquid that nothing relieves",
    duty: duty({
      fluid: { family: "sweet hydrocarbon liquid", phase: "liquid", name: "heavy cut" },
      cases: [case1(10, 40, { downstreamBarG: 0 })],
    }),
    falls: { "a cavity that traps": trapping },
  },
  {
    name: "33 something that crystallises, cold and idle, nobody says at what temperature",
    duty: duty({
      installation: "outdoor",
      ambientMinimumC: -5,
      longestShutDays: 60,
      fluid: { family: "glycol", phase: "liquid", name: "syrup", hazards: ["crystallises"] },
      cases: [case1(6, 60, { downstreamBarG: 0 })],
    }),
    falls: {},
    says: { "the temperature it crystallises at": [anything, /crystal|freez/i] },
  },
  {
    name: "34 CO₂ blown down past a valve that stays shut",
    duty: duty({
      dn: 100,
      lineDesignation: "class 900",
      fluid: { substance: "carbon-dioxide", phase: "dense phase", freeWater: false },
      cases: [case1(100, 20, { downstreamBarG: 0 }), case1(0, -78, { kind: "blow-down", downstreamBarG: 0 })],
    }),
    falls: { "carbon steel": carbonSteel },
    says: { "dry ice": [soft, /dry ice|brittle|°C|temperature/i] },
  },
];
