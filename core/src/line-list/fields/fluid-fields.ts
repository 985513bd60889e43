import { hazards, phases } from "../../duty/words.ts";
import { fluids } from "../../reference/fluids.ts";
import { serviceFamilies } from "../../reference/suitability.ts";
import { choice, type LineListField, number, text, yesNo } from "./field.ts";

/** What flows. */
export const fluidFields: readonly LineListField[] = [
  {
    id: "fluid.name",
    label: "Fluid",
    of: "tag",
    holds: text(80),
    headings: ["fluid", "medium", "fluid name"],
  },
  {
    id: "fluid.family",
    label: "Service family",
    of: "tag",
    holds: choice(serviceFamilies),
    headings: ["service family", "fluid family", "family"],
  },
  {
    id: "fluid.phase",
    label: "Phase",
    of: "tag",
    holds: choice(phases),
    headings: ["phase", "state", "fluid phase"],
  },
  {
    id: "fluid.substance",
    label: "Substance",
    of: "tag",
    holds: choice(fluids.map((f) => f.id)),
    headings: ["substance", "component"],
  },
  {
    id: "fluid.hazards",
    label: "Hazards",
    of: "tag",
    holds: { kind: "list", options: hazards },
    headings: ["hazards", "hazard"],
  },
  {
    id: "fluid.densityKgM3",
    label: "Density, kg/m³",
    of: "tag",
    holds: number,
    headings: ["density, kg/m³", "density", "density kg/m3"],
  },
  {
    id: "fluid.viscosityMPaS",
    label: "Viscosity, mPa·s",
    of: "tag",
    holds: number,
    headings: ["viscosity, mpa·s", "viscosity", "viscosity cp"],
  },
  {
    id: "fluid.vapourPressureBarA",
    label: "Vapour pressure, bar a",
    of: "tag",
    holds: number,
    headings: ["vapour pressure, bar a", "vapour pressure", "vapor pressure"],
  },
  { id: "fluid.compressibility", label: "Z", of: "tag", holds: number, headings: ["z", "compressibility"] },
  {
    id: "fluid.isentropicExponent",
    label: "k",
    of: "tag",
    holds: number,
    headings: ["k", "isentropic exponent"],
  },
  {
    id: "fluid.h2sKPa",
    label: "H₂S, kPa",
    of: "tag",
    holds: number,
    headings: ["h₂s, kpa", "h2s kpa", "h2s partial pressure", "h₂s partial pressure"],
  },
  {
    id: "fluid.chloridesMgL",
    label: "Chlorides, mg/l",
    of: "tag",
    holds: number,
    headings: ["chlorides, mg/l", "chlorides", "chloride"],
  },
  { id: "fluid.freeWater", label: "Free water", of: "tag", holds: yesNo, headings: ["free water", "wet"] },
  {
    id: "fluid.solidsPercent",
    label: "Solids, %",
    of: "tag",
    holds: number,
    headings: ["solids, %", "solids"],
  },
  { id: "fluid.solidsHard", label: "Hard solids", of: "tag", holds: yesNo, headings: ["hard solids"] },
  { id: "fluid.fibres", label: "Fibres", of: "tag", holds: yesNo, headings: ["fibres", "fibers"] },
];
