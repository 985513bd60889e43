import type { Curve } from "./curve.ts";
import { materialGroups } from "./tables/material-groups.ts";
import { pressureTemperatureClass } from "./tables/pressure-temperature-class.ts";
import { pressureTemperaturePn } from "./tables/pressure-temperature-pn.ts";

/** Pressure classes with a column of their own; class 800 is derived. */
export const tabulatedClasses = [150, 300, 600, 900, 1500, 2500] as const;
/** PN numbers accepted. */
export const pnNumbers = [6, 10, 16, 25, 40, 63, 100, 160, 250, 320, 400] as const;

export type Designation = { system: "class" | "PN"; number: number };

const classCurves = new Map<string, Map<number, Curve>>();
const pnFractions = new Map<string, Curve>();

function append(curve: { temperatureC: number[]; value: number[] }, temperatureC: number, value: number) {
  curve.temperatureC.push(temperatureC);
  curve.value.push(value);
}

for (const [group, temperatureC, ...pressures] of pressureTemperatureClass.rows) {
  const curves = classCurves.get(group as string) ?? new Map<number, Curve>();
  classCurves.set(group as string, curves);
  tabulatedClasses.forEach((number, column) => {
    const curve = (curves.get(number) ?? { temperatureC: [], value: [] }) as {
      temperatureC: number[];
      value: number[];
    };
    curves.set(number, curve);
    append(curve, temperatureC as number, pressures[column] as number);
  });
}
// Class 800 lies two thirds of the way from class 600 to class 900 (API 602 practice).
for (const curves of classCurves.values()) {
  const c600 = curves.get(600)!;
  const c900 = curves.get(900)!;
  curves.set(800, {
    temperatureC: c600.temperatureC,
    value: c600.value.map((p600, i) => p600 + (2 / 3) * (c900.value[i]! - p600)),
  });
}
for (const [group, , temperatureC, fraction] of pressureTemperaturePn.rows) {
  const curve = (pnFractions.get(group as string) ?? { temperatureC: [], value: [] }) as {
    temperatureC: number[];
    value: number[];
  };
  pnFractions.set(group as string, curve);
  append(curve, temperatureC as number, fraction as number);
}

const groupNames = new Set(materialGroups.rows.map((row) => row[0] as string));

/**
 * Reads a rating designation.
 *
 * @param text "class 300", "Class 1500", "PN 40"; class 150–2500 or 800, PN 6–400 as tabulated
 * @returns system and number, or null when the text is not a designation the tables know
 * @source ASME B16.34 class numbers; EN 1333 PN numbers
 * @example parseDesignation("PN 40") // → {"system":"PN","number":40}
 */
export function parseDesignation(text: string): Designation | null {
  const match = /^\s*(class|pn)\s*(\d+)\s*$/i.exec(text);
  if (!match) return null;
  const number = Number(match[2]);
  if (match[1]!.toLowerCase() === "pn") {
    return (pnNumbers as readonly number[]).includes(number) ? { system: "PN", number } : null;
  }
  return number === 800 || (tabulatedClasses as readonly number[]).includes(number)
    ? { system: "class", number }
    : null;
}

/**
 * Whether a material group is in the shipped tables.
 *
 * @param group for example "1.1", "2.8" or "3E0"
 * @returns true when ratings for it are known
 * @source reference/material-groups.csv
 * @example isMaterialGroup("9.9") // → false
 */
export function isMaterialGroup(group: string): boolean {
  return groupNames.has(group);
}

/**
 * The pressure–temperature rating curve of a designation in a material group.
 *
 * @param designation a parsed designation
 * @param group material group of the shipped tables
 * @returns curve in bar g for a class, in bar g for a PN; null when the group has no such designation
 * @source ASME B16.34 (classes), EN 1092-1 (PN × fraction); indicative
 * @example ratingCurve({ system: "class", number: 300 }, "1.1").value[0] // → 51.1
 */
export function ratingCurve(designation: Designation, group: string): Curve | null {
  if (designation.system === "class") return classCurves.get(group)?.get(designation.number) ?? null;
  const fraction = pnFractions.get(group);
  return fraction
    ? { temperatureC: fraction.temperatureC, value: fraction.value.map((f) => f * designation.number) }
    : null;
}
