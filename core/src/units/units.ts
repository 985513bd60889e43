import type { Unit } from "../rules/finding.ts";

export const quantities = [
  "pressure",
  "differential",
  "temperature",
  "temperature difference",
  "torque",
] as const;
export type Quantity = (typeof quantities)[number];

export const unitSystems = ["metric", "US"] as const;
export type UnitSystem = (typeof unitSystems)[number];

/** Standard atmosphere: gauge zero above absolute zero. */
export const atmosphereBar = 1.01325;

const poundForceN = 0.45359237 * 9.80665;
const psiInBar = poundForceN / 0.0254 ** 2 / 1e5;

/** A unit people write. In the home unit a figure is `times` × figure + `plus`; both exact by definition. */
interface WrittenUnit {
  readonly label: string;
  readonly times: number;
  readonly plus?: number;
  readonly alsoWritten: readonly string[];
}

const pressureUnits: readonly WrittenUnit[] = [
  { label: "bar g", times: 1, alsoWritten: ["barg", "bar(g)", "bar"] },
  { label: "bar a", times: 1, plus: -atmosphereBar, alsoWritten: ["bara", "bar(a)"] },
  { label: "psi g", times: psiInBar, alsoWritten: ["psig", "psi(g)", "psi"] },
  { label: "psi a", times: psiInBar, plus: -atmosphereBar, alsoWritten: ["psia", "psi(a)"] },
  { label: "kPa g", times: 0.01, alsoWritten: ["kpag", "kpa(g)", "kpa"] },
  { label: "kPa a", times: 0.01, plus: -atmosphereBar, alsoWritten: ["kpaa", "kpa(a)"] },
  { label: "MPa g", times: 10, alsoWritten: ["mpag", "mpa(g)", "mpa"] },
];

const writtenUnits: Record<Quantity, readonly WrittenUnit[]> = {
  pressure: pressureUnits,
  differential: [
    { label: "bar", times: 1, alsoWritten: ["bar"] },
    { label: "psi", times: psiInBar, alsoWritten: ["psi", "psid"] },
    { label: "kPa", times: 0.01, alsoWritten: ["kpa"] },
  ],
  temperature: [
    { label: "°C", times: 1, alsoWritten: ["c", "degc", "deg c", "celsius", "℃"] },
    { label: "°F", times: 5 / 9, plus: -160 / 9, alsoWritten: ["f", "degf", "deg f", "fahrenheit", "℉"] },
    { label: "K", times: 1, plus: -273.15, alsoWritten: ["kelvin"] },
  ],
  "temperature difference": [
    { label: "K", times: 1, alsoWritten: ["k"] },
    { label: "°F", times: 5 / 9, alsoWritten: ["f"] },
  ],
  torque: [
    { label: "N·m", times: 1, alsoWritten: ["nm", "n.m", "n*m"] },
    {
      label: "lbf·ft",
      times: poundForceN * 0.3048,
      alsoWritten: ["ft-lbf", "ft·lbf", "lbf.ft", "lb-ft", "ft-lb"],
    },
    { label: "lbf·in", times: poundForceN * 0.0254, alsoWritten: ["in-lbf", "in·lbf", "lbf.in", "in-lb"] },
  ],
};

/** What the core computes in. */
const home: Record<Quantity, string> = {
  pressure: "bar g",
  differential: "bar",
  temperature: "°C",
  "temperature difference": "K",
  torque: "N·m",
};

const shown: Record<UnitSystem, Record<Quantity, string>> = {
  metric: home,
  US: {
    pressure: "psi g",
    differential: "psi",
    temperature: "°F",
    "temperature difference": "°F",
    torque: "lbf·ft",
  },
};

const quantityOfUnit: Partial<Record<Unit, Quantity>> = {
  "bar g": "pressure",
  bar: "differential",
  "°C": "temperature",
  K: "temperature difference",
  N·m: "torque",
};

const found = (quantity: Quantity, label: string) => writtenUnits[quantity].find((u) => u.label === label)!;

/**
 * Converts between two written units of a quantity; gauge and absolute are told apart.
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
  return (value * source.times + (source.plus ?? 0) - (target.plus ?? 0)) / target.times;
}

/**
 * Labels of the units a quantity may be written in, the home unit first.
 *
 * @param quantity what is measured
 * @returns labels
 * @throws never
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
 * @param system metric or US
 * @param absolute whether pressures are read from vacuum
 * @returns unit label
 * @throws never
 * @source the product's unit table
 * @example shownUnit("pressure", "US") // → "psi g"
 */
export function shownUnit(quantity: Quantity, system: UnitSystem, absolute = false): string {
  const unit = shown[system][quantity];
  return absolute && quantity === "pressure" ? unit.replace(/ g$/, " a") : unit;
}

/**
 * A finding's figure in the unit system of the reader.
 *
 * @param value in a finding's unit
 * @param unit the finding's unit
 * @param system metric or US
 * @param absolute whether pressures are read from vacuum
 * @returns value and unit label; units without a quantity pass through
 * @throws never
 * @source the product's unit table
 * @example inSystem(20, "K", "metric") // → {"value":20,"unit":"K"}
 */
export function inSystem(
  value: number,
  unit: Unit,
  system: UnitSystem,
  absolute = false,
): { value: number; unit: string } {
  const quantity = quantityOfUnit[unit];
  if (!quantity) return { value, unit };
  const to = shownUnit(quantity, system, absolute);
  return { value: convertUnit(value, quantity, home[quantity], to), unit: to };
}

/**
 * Reads a figure a person typed, with or without a unit.
 *
 * @param text "750 psi", "400 F", "-12,5", "61"; a decimal comma is read as a point
 * @param quantity what is measured
 * @param bare unit of a figure without one
 * @returns the value in the core's home unit, or null when it is not a figure in a unit of the quantity
 * @throws never
 * @source the product's unit table
 * @example parseQuantity("1 bar", "pressure", "psi g") // → 1
 */
export function parseQuantity(text: string, quantity: Quantity, bare: string): number | null {
  const match = /^([-+−]?)\s*((?:\d[\d\s]*)?(?:[.,]\d+)?)\s*(?:°\s*)?(.*)$/u.exec(text.trim());
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
 * @param quantity what the column holds
 * @returns unit label, or null when the heading names none
 * @throws never
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
