import { type Fluid, fluids } from "./fluids.ts";

/** A pure fluid of the table as a share of a mixture. */
export interface Component {
  readonly fluid: Fluid;
  /** Share of the moles, 0–1; all together 1. */
  readonly share: number;
}

/** A composition as read, or what is wrong with it. */
export type Composition = { readonly components: readonly Component[] } | { readonly fault: string };

/** How chemists write those of the table. */
const formulas: Readonly<Record<string, string>> = {
  ch4: "methane",
  c1: "methane",
  c2h6: "ethane",
  c2: "ethane",
  c2h4: "ethylene",
  c3h8: "propane",
  c3: "propane",
  c3h6: "propylene",
  nc4: "n-butane",
  ic4: "isobutane",
  nc5: "n-pentane",
  nc6: "n-hexane",
  h2: "hydrogen",
  co2: "carbon-dioxide",
  n2: "nitrogen",
  o2: "oxygen",
  ar: "argon",
  nh3: "ammonia",
  h2s: "hydrogen-sulphide",
  so2: "sulphur-dioxide",
  cl2: "chlorine",
  hf: "hydrogen-fluoride",
  hcl: "hydrogen-chloride",
  h2o: "water",
};

const plainName = (name: string) => name.toLowerCase().replaceAll("₂", "2").replaceAll("₄", "4").trim();
const byName = new Map(
  fluids
    .filter(({ kind, critical, molarMassKgKmol }) => kind === "pure" && critical && molarMassKgKmol !== null)
    .flatMap((fluid) => [
      [fluid.id, fluid],
      [plainName(fluid.name), fluid],
    ]),
);
const named = (name: string) => byName.get(formulas[plainName(name)] ?? plainName(name));

/** A comma between digits is a decimal comma. */
const between = /[;\n]|,(?!\d)/;
const figure = String.raw`(\d+(?:[.,]\d+)?)\s*(?:mol)?\s*%?`;
const nameFirst = new RegExp(`^(\\D.*?|\\d,\\d-.*?|[a-z]+\\d.*?)\\s*[:=]?\\s+${figure}$`, "i");
const figureFirst = new RegExp(`^${figure}\\s+(\\D.*)$`, "i");

/** Tolerance on the sum, mol %, because figures are rounded. */
const sumWithin = 1;

function componentIn(part: string): { readonly name: string; readonly percent: number } | null {
  const [, before, behind] = nameFirst.exec(part) ?? [];
  const [, first, name] = before === undefined ? (figureFirst.exec(part) ?? []) : [];
  const percent = behind ?? first;
  if (percent === undefined) return null;
  return { name: (before ?? name)!.trim(), percent: Number(percent.replace(",", ".")) };
}

/**
 * Reads a composition.
 *
 * @param text components and their mol %, parted by semicolons, commas or lines: "methane 85; ethane 10; nitrogen 5"
 * @returns components with their shares, normalised to one; or the fault, as a sentence
 * @source pure fluids of the table of fluids, by id, name or formula
 * @example readComposition("methane 90; nitrogen 10").components.length // → 2
 */
export function readComposition(text: string): Composition {
  const parts = text
    .split(between)
    .map((part) => part.trim())
    .filter((part) => part !== "");
  const components: { fluid: Fluid; percent: number }[] = [];
  for (const part of parts) {
    const found = componentIn(part);
    if (found === null)
      return { fault: `"${part}" is not a substance with its mol %. Write "methane 85; ethane 15".` };
    const fluid = named(found.name);
    if (fluid === undefined) return { fault: `"${found.name}" is not a pure fluid of the fluid table.` };
    if (components.some((component) => component.fluid === fluid))
      return { fault: `${fluid.name} is named twice.` };
    if (!(found.percent > 0)) return { fault: `${fluid.name} has no share. Leave it out.` };
    components.push({ fluid, percent: found.percent });
  }
  if (components.length < 2)
    return {
      fault: "A mixture needs two or more components. For one component, select it as the substance.",
    };
  const sum = components.reduce((sum, { percent }) => sum + percent, 0);
  if (Math.abs(sum - 100) > sumWithin)
    return { fault: `The shares add up to ${Number(sum.toPrecision(6))} %. They must add up to 100 %.` };
  return { components: components.map(({ fluid, percent }) => ({ fluid, share: percent / sum })) };
}

/** Share of the moles above which a component decides the equipment group (IEC 60079-20-1 for hydrogen in methane). */
const decisiveShare = 0.25;

const gasGroups = ["IIA", "IIB", "IIC"];

/** Flammable components that decide the group; where none is above that share, each may. */
function decisive(components: readonly Component[]): readonly Fluid[] {
  const burning = components.filter(({ fluid }) => fluid.gasGroup !== null);
  const above = burning.filter(({ share }) => share > decisiveShare);
  return (above.length > 0 ? above : burning).map(({ fluid }) => fluid);
}

const severestGroup = (components: readonly Component[]): string | null =>
  gasGroups.findLast((group) => decisive(components).some((fluid) => fluid.gasGroup === group)) ?? null;

function lowestIgnitionC(components: readonly Component[]): number | null {
  const found = decisive(components).flatMap(({ autoIgnitionC }) => autoIgnitionC ?? []);
  return found.length === 0 ? null : Math.min(...found);
}

/**
 * A mixture as one fluid.
 *
 * @param components of the table of fluids, with their shares of the moles
 * @returns molar mass, pseudo-critical figures, isentropic exponent; nothing on its boiling point or its liquid
 * @source Kay's rule: shares of the moles times the components' critical figures; exponent by the heat capacities. An
 *   estimate
 * @example mixtureOf(readComposition("methane 50; nitrogen 50").components).molarMassKgKmol // → 22.0285
 */
export function mixtureOf(components: readonly Component[]): Fluid {
  const mean = (property: (fluid: Fluid) => number) =>
    components.reduce((sum, { fluid, share }) => sum + share * property(fluid), 0);
  const capacity = components.some(({ fluid }) => fluid.isentropicExponent === null)
    ? null
    : mean(({ isentropicExponent: k }) => k! / (k! - 1));
  return {
    id: "mixture",
    name: `mixture of ${components.map(({ fluid }) => fluid.name.toLowerCase()).join(", ")}`,
    kind: "mixture",
    family: "",
    phase: "gas",
    hazards: [...new Set(components.flatMap(({ fluid }) => fluid.hazards))],
    molarMassKgKmol: mean((fluid) => fluid.molarMassKgKmol!),
    critical: {
      temperatureK: mean((fluid) => fluid.critical!.temperatureK),
      pressureBarA: mean((fluid) => fluid.critical!.pressureBarA),
      acentricFactor: mean((fluid) => fluid.critical!.acentricFactor),
      rackettZ: mean((fluid) => fluid.critical!.rackettZ),
    },
    triplePointC: Math.max(...components.map(({ fluid }) => fluid.triplePointC)),
    isentropicExponent: capacity === null ? null : capacity / (capacity - 1),
    density15KgM3: null,
    expansionPerK: null,
    compressibilityPerBar: null,
    viscosity: null,
    gasGroup: severestGroup(components),
    autoIgnitionC: lowestIgnitionC(components),
    solution: null,
    strengthPercent: null,
    note: "Kay's rule",
  };
}
