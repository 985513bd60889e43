import type { Unit } from "../../basis/units/unit.ts";
import type { SettledCase } from "../../duty/settling/settled-case.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import type { Origin, Used } from "./finding.ts";

/**
 * One input of a finding.
 *
 * @param what name for a reader
 * @param value figure or word
 * @param origin where it came from
 * @param unit unit of a figure, "" for words
 * @returns the input as findings carry it
 * @example used("size", 50, "catalogue", "DN").unit // → "DN"
 */
export function used(what: string, value: number | string, origin: Origin, unit: Unit = ""): Used {
  return { what, value, unit, origin };
}

/**
 * A duty's value as a finding's input, marked as entered or assumed.
 *
 * @param what name for a reader
 * @param value the value in use; true and false read as yes and no
 * @param entered the stated value; null where the value is an assumption
 * @param unit unit of a figure
 * @returns the input with its origin
 * @source the duty and the assumptions in use
 * @example stated("end of line", false, null).origin // → "assumed"
 */
export function stated(
  what: string,
  value: number | string | boolean,
  entered: unknown,
  unit: Unit = "",
): Used {
  const shown = typeof value === "boolean" ? (value ? "yes" : "no") : value;
  return { what, value: shown, unit, origin: entered === null ? "assumed" : "entered" };
}

/**
 * The lowest ambient temperature of a duty as a finding's input.
 *
 * @param stated the duty as entered
 * @returns the stated one, °C, or the words for what is assumed without one
 * @source the duty
 */
export const lowestAmbientUsed = ({ ambientMinimumC }: Pick<Duty, "ambientMinimumC">): Used =>
  ambientMinimumC === null
    ? used("lowest ambient", "not below −20 °C", "assumed")
    : used("lowest ambient", ambientMinimumC, "entered", "°C");

/**
 * The hazards of a duty as a finding's input.
 *
 * @param duty stated fluid data
 * @param inUse hazards the rules go by, and where they came from
 * @returns one input naming them
 * @source the duty, else the table of fluids
 */
export function hazardsUsed(inUse: {
  readonly hazards: ReadonlySet<string>;
  readonly hazardsOrigin: Origin;
  readonly stated?: Duty;
}): Used {
  return used("hazards", [...inUse.hazards].join(", ") || "none", inUse.hazardsOrigin);
}

/**
 * Temperature of a case as a finding's input.
 *
 * @param c a settled case
 * @returns one input, or none where it is unknown
 * @source the duty
 */
export function temperatureOf(c: SettledCase): Used[] {
  return c.temperatureC === null ? [] : [used(`temperature, ${c.name}`, c.temperatureC, "entered", "°C")];
}

/**
 * Pressure and temperature of a case as a finding's inputs.
 *
 * @param c a settled case
 * @returns the known ones of the two, with origin
 * @source the duty
 */
export function pressureAndTemperature(c: SettledCase): Used[] {
  return [
    ...(c.pressureBarG === null ? [] : [used(`pressure, ${c.name}`, c.pressureBarG, "entered", "bar g")]),
    ...temperatureOf(c),
  ];
}

/**
 * The functions of the valve, as a finding's input.
 *
 * @param duty settled duty
 * @returns one input naming every function
 */
export function functionUsed(duty: {
  readonly function: ReadonlySet<string>;
  readonly stated: Pick<Duty, "function">;
}): Used {
  return stated("function", functionWords(duty), duty.stated.function);
}

/**
 * The functions of the valve, in words.
 *
 * @param duty settled duty
 * @returns every function, with commas
 * @example functionWords({ function: new Set(["throttling"]) }) // → "throttling"
 */
export const functionWords = (duty: { readonly function: ReadonlySet<string> }): string =>
  [...duty.function].join(", ");
