import { type Quantity, quantities } from "./definitions.ts";
import { writtenUnits } from "./tables/written-units.ts";
import type { Unit } from "./unit.ts";

export const unitSystems = ["metric", "US"] as const;
export type UnitSystem = (typeof unitSystems)[number];

/** Units a reader chose: a system, gauge or absolute, and single units that differ from it. */
export interface Reading {
  readonly system: UnitSystem;
  readonly absolute?: boolean | undefined;
  readonly units?: Readonly<Partial<Record<Quantity, string>>> | undefined;
}

/** Units of the core. */
const home = Object.fromEntries(quantities.map((q) => [q, writtenUnits[q][0]!.label])) as Record<
  Quantity,
  string
>;

const shown: Record<UnitSystem, Record<Quantity, string>> = {
  metric: home,
  US: {
    pressure: "psi g",
    differential: "psi",
    temperature: "°F",
    "temperature difference": "°F",
    torque: "lbf·ft",
    length: "in",
    "volume flow": "gpm",
    "gas flow": "scfh",
    "mass flow": "lb/h",
    density: "lb/ft³",
    viscosity: "cP",
    "partial pressure": "psi",
    "vapour pressure": "psi a",
    stress: "ksi",
    velocity: "ft/s",
    mass: "lb",
    volume: "US gal",
    "vessel volume": "ft³",
    "flow coefficient": "Cv",
  },
};

const quantityOfUnit: Partial<Record<Unit, Quantity>> = {
  "bar g": "pressure",
  bar: "differential",
  "°C": "temperature",
  K: "temperature difference",
  N·m: "torque",
  mm: "length",
  MPa: "stress",
  kPa: "partial pressure",
  "m³/h": "volume flow",
  "bar a": "vapour pressure",
  "kg/m³": "density",
  mPa·s: "viscosity",
  "m/s": "velocity",
  kg: "mass",
  litres: "volume",
  "m³": "vessel volume",
  Kv: "flow coefficient",
};

const found = (quantity: Quantity, label: string) => writtenUnits[quantity].find((u) => u.label === label)!;

/**
 * Converts between two written units of a quantity; gauge and absolute are different units.
 *
 * @param value in `from`
 * @param quantity what is measured
 * @param from unit label, for example "psi g"
 * @param to unit label
 * @returns the value in `to`
 * @throws TypeError when a label is not a unit of the quantity
 * @source exact definitions of inch, pound and standard gravity; gauge zero at 1.01325 bar
 * @example convertUnit(1.01325, "pressure", "bar a", "bar g") // → 0
 */
export function convertUnit(value: number, quantity: Quantity, from: string, to: string): number {
  const source = found(quantity, from);
  const target = found(quantity, to);
  if (!source || !target) throw new TypeError(`"${source ? to : from}" is not a unit of ${quantity}.`);
  if (from === to) return value;
  return (value * source.times + source.plus - target.plus) / target.times;
}

/**
 * Labels of the units a quantity may be written in, the home unit first.
 *
 * @param quantity what is measured
 * @returns labels
 * @source the product's unit table
 * @example unitsOf("temperature") // → ["°C","°F","K"]
 */
export function unitsOf(quantity: Quantity): string[] {
  return writtenUnits[quantity].map((unit) => unit.label);
}

/**
 * Unit a quantity is shown in.
 *
 * @param quantity what is measured
 * @param reading system, gauge or absolute, units of their own
 * @returns unit label; a unit of another quantity is ignored
 * @source the product's unit table
 * @example shownUnit("pressure", { system: "US" }) // → "psi g"
 */
export function shownUnit(quantity: Quantity, { system, absolute, units }: Reading): string {
  const own = units?.[quantity];
  const unit = own !== undefined && found(quantity, own) ? own : shown[system][quantity];
  return absolute && quantity === "pressure" ? unit.replace(/ g$/, " a") : unit;
}

/**
 * A finding's figure in the units of the reader.
 *
 * @param value in a finding's unit
 * @param unit the finding's unit
 * @param reading system, gauge or absolute, units of their own
 * @returns value and unit label; units without a quantity pass through
 * @source the product's unit table
 * @example inSystem(20, "K", { system: "metric" }) // → {"value":20,"unit":"K"}
 */
export function inSystem(value: number, unit: Unit, reading: Reading): { value: number; unit: string } {
  const quantity = quantityOfUnit[unit];
  if (!quantity) return { value, unit };
  const to = shownUnit(quantity, reading);
  return { value: convertUnit(value, quantity, home[quantity], to), unit: to };
}

/**
 * Reads a figure a person typed, with or without a unit.
 *
 * @param text "750 psi", "400 F", "-12,5", "61"; a decimal comma is read as a point
 * @param quantity what is measured
 * @param bare unit of a number without one
 * @returns the value in the core's home unit, or null when it is not a figure in a unit of the quantity
 * @source the product's unit table
 * @example parseQuantity("1 bar", "pressure", "psi g") // → 1
 */
export function parseQuantity(text: string, quantity: Quantity, bare: string): number | null {
  const match = /^([-+−]?)\s*((?:\d[\d\s]*)?(?:[.,]\d+)?(?:e[-+]?\d+)?)\s*(?:°\s*)?(.*)$/iu.exec(text.trim());
  if (!match || !/\d/.test(match[2]!)) return null;
  const value =
    Number(match[2]!.replace(/\s/g, "").replace(",", ".")) * (match[1] === "-" || match[1] === "−" ? -1 : 1);
  const written = match[3]!.trim().toLowerCase();
  const unit =
    written === ""
      ? bare
      : writtenUnits[quantity].find(
          (u) => u.label.toLowerCase().replace("°", "") === written || u.alsoWritten.includes(written),
        )?.label;
  if (unit === undefined || !Number.isFinite(value)) return null;
  return convertUnit(value, quantity, unit, home[quantity]);
}

/**
 * Unit a column heading names, if any.
 *
 * @param heading for example "Design press. (psig)"
 * @param quantity of the column
 * @returns unit label, or null when the heading names none
 * @source the product's unit table
 * @example unitInHeading("T max [°F]", "temperature") // → "°F"
 */
export function unitInHeading(heading: string, quantity: Quantity): string | null {
  const words = heading
    .toLowerCase()
    .split(/[^\p{L}°℃℉().*·/-]+/u)
    .flatMap((w) => [w, w.replace(/^[([]+|[)\]]+$/g, "")]);
  const joined = heading.toLowerCase();
  const byLabel = writtenUnits[quantity].find(
    (u) => joined.includes(u.label.toLowerCase()) && u.label !== "K",
  );
  if (byLabel) return byLabel.label;
  return writtenUnits[quantity].find((u) => words.some((w) => u.alsoWritten.includes(w)))?.label ?? null;
}
