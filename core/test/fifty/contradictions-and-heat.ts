/** Statements that contradict each other, and equipment in heat and cold. */
import { type Awkward, anything, case1, duty, type Given, throttling } from "../awkward.ts";

const air: Given["fluid"] = { substance: "nitrogen", phase: "gas" };
const driven = (c: { readonly drive: unknown }): boolean => c.drive !== null;

export const contradictionsAndHeat: readonly Awkward[] = [
  {
    name: "13 butanone entered as an aromatic",
    duty: duty({
      fluid: { substance: "methyl-ethyl-ketone", family: "aromatics", phase: "liquid" },
      cases: [case1(8, 30, { downstreamBarG: 0 })],
    }),
    falls: {
      "fluoroelastomer, which ketones swell": (c) =>
        c.valve.seals.parts.some((p) => /^fkm/.test(p.material.id)),
    },
    says: { "both families": [anything, /famil/i] },
  },
  {
    name: "14 hydrogen in an area of group IIA",
    duty: duty({
      operator: "electric",
      area: "zone 1 IIA T3",
      fluid: { substance: "hydrogen", phase: "gas" },
      cases: [case1(20, 30, { downstreamBarG: 0 })],
    }),
    falls: {},
    says: { "the group of the area": [anything, /area/i] },
  },
  {
    name: "15 steam hotter than its pressure allows it to be wet, entered as water",
    duty: duty({
      fluid: { substance: "water", phase: "liquid" },
      cases: [case1(3, 180, { downstreamBarG: 0 })],
    }),
    falls: { "everything, until it is one or the other": anything },
  },
  {
    name: "16 methane with the density of water",
    duty: duty({
      fluid: { substance: "methane", phase: "gas", densityKgM3: 950 },
      cases: [case1(20, 30, { downstreamBarG: 0 })],
    }),
    falls: {},
    says: { "the density": [anything, /density/i] },
  },
  {
    name: "17 a maximum case milder than the normal one",
    duty: duty({
      fluid: air,
      cases: [case1(20, 60, { downstreamBarG: 0 }), case1(12, 40, { kind: "maximum", downstreamBarG: 0 })],
    }),
    falls: {},
    says: { "the order of the cases": [anything, /case/i] },
  },
  {
    name: "18 a motor in air of 58 °C",
    duty: duty({
      operator: "electric",
      motorSupply: "400 V 3~",
      area: "zone 1 IIB T4",
      ambientMaximumC: 58,
      fluid: { substance: "natural-gas", phase: "gas" },
      cases: [case1(20, 30, { downstreamBarG: 0 })],
    }),
    falls: {
      "a motor whose marking ends at 40 °C": (c) => driven(c) && c.drive!.family.highTemperature === null,
    },
  },
  {
    name: "19 a solenoid at −35 °C",
    duty: duty({
      operator: "pneumatic",
      onSupplyLoss: "closes",
      area: "zone 1 IIB T4",
      coilVoltage: "24 V DC",
      airMinimumBarG: 5,
      airMaximumBarG: 8,
      ambientMinimumC: -35,
      installation: "outdoor",
      fluid: { substance: "natural-gas", phase: "gas" },
      cases: [case1(20, 5, { downstreamBarG: 0 })],
    }),
    falls: { "an unmodified solenoid": driven },
  },
  {
    name: "20 a positioner above a pipe of 400 °C",
    duty: throttling({
      dn: 80,
      lineDesignation: "class 300",
      operator: "pneumatic",
      onSupplyLoss: "closes",
      airMinimumBarG: 5,
      airMaximumBarG: 7,
      controlSignal: "4–20 mA",
      fluid: { substance: "steam", phase: "steam" },
      cases: [case1(20, 400, { downstreamBarG: 18, rate: 4000, rateBasis: "kg/h" })],
    }),
    falls: {},
    says: { "the heat that reaches the equipment": [driven, /heat|temperature|°C/i] },
  },
  {
    name: "21 a hundred thousand strokes a year",
    duty: duty({
      operator: "pneumatic",
      onSupplyLoss: "stays",
      airMinimumBarG: 5,
      airMaximumBarG: 8,
      strokesPerYear: 100_000,
      fluid: air,
      cases: [case1(6, 20, { downstreamBarG: 0 })],
    }),
    falls: {},
    says: { "how long it lasts": [anything, /life|strokes/i] },
  },
  {
    name: "22 a modulating motor with a start every four seconds",
    duty: throttling({
      dn: 50,
      operator: "electric",
      motorSupply: "400 V 3~",
      area: "safe",
      fluid: air,
      cases: [case1(6, 20, { downstreamBarG: 4, rate: 300, rateBasis: "kg/h" })],
      strokesPerYear: 2_000_000,
    }),
    falls: { "an on-off motor": (c) => driven(c) && /on-off/.test(c.drive!.family.kind) },
  },
];
