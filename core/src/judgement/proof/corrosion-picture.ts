import { chlorideCurves } from "../../basis/reference/chloride-limits.ts";
import { type CorrosionBand, corrosionBands } from "../../basis/reference/corrosion.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Solution } from "../../duty/settling/solution.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { chlorideSeverity } from "../rules/envelope/chloride-severity.ts";
import { bodyMetal, trimMetals } from "../rules/envelope/wetted.ts";
import { hottestWithFluid } from "../rules/worst.ts";

/** Temperature border of one material over the strength of a solution or the content of chlorides. */
export interface CorrosionBorder {
  /** Wetted parts of this material. */
  readonly parts: readonly string[];
  readonly material: string;
  readonly mechanism: string;
  /** Strength in percent or content in mg/l, and the temperature above which it is attacked; null where none is given. */
  readonly points: readonly (readonly [x: number, c: number | null])[];
}

/** Corrosion borders of the wetted materials of a candidate, and where the duty stands among them. */
export interface CorrosionPicture {
  readonly along: "strength" | "chlorides";
  readonly fluid: string;
  /** Strengths or the content that count; empty where none is known. */
  readonly at: readonly number[];
  readonly hottestC: number | null;
  readonly borders: readonly CorrosionBorder[];
}

/** Wetted materials, each once, with the parts made of it. */
function materialsOf(valve: Valve): ReadonlyMap<string, string[]> {
  const parts = new Map<string, string[]>();
  const seat = { part: "seat", metal: valve.seat.material.id };
  for (const { part, metal } of [...bodyMetal(valve), ...trimMetals(valve), seat])
    if (metal !== null) parts.set(metal, [...(parts.get(metal) ?? []), part]);
  return parts;
}

/** Steps from strength to strength, at the temperature up to which the material is limited at the most. */
const stepsOf = (bands: readonly CorrosionBand[]): [number, number | null][] =>
  bands.flatMap(({ abovePercent, toPercent, tightToC }) => [
    [abovePercent, tightToC] as [number, number | null],
    [toPercent, tightToC] as [number, number | null],
  ]);

function bySolution(
  solution: Solution,
  materials: ReadonlyMap<string, string[]>,
  hottestC: number | null,
): CorrosionPicture {
  const borders = [...materials].flatMap(([material, parts]) => {
    const bands = corrosionBands(solution.name, material);
    if (bands === null) return [];
    const mechanism = [...new Set(bands.map((band) => band.mechanism))].join("; ");
    return [{ parts, material, mechanism, points: stepsOf(bands) }];
  });
  const at = solution.strengths.map(({ percent }) => percent);
  return { along: "strength", fluid: solution.name, at, hottestC, borders };
}

function byChlorides(
  duty: SettledDuty,
  materials: ReadonlyMap<string, string[]>,
  hottestC: number | null,
): CorrosionPicture {
  const { contentFactor, acidity, crackingShiftK } = chlorideSeverity(duty);
  const borders = [...materials].flatMap(([material, parts]) =>
    chlorideCurves(material).map(({ mechanism, temperaturesC, chloridesMgL }) => {
      const cracks = mechanism === "cracking";
      return {
        parts,
        material,
        mechanism,
        points: chloridesMgL.map((content, i): [number, number] => [
          cracks ? content / acidity : content * contentFactor,
          temperaturesC[i]! + (cracks ? crackingShiftK : 0),
        ]),
      };
    }),
  );
  return { along: "chlorides", fluid: "chlorides", at: [duty.chloridesMgL], hottestC, borders };
}

/**
 * Borders of corrosion for the wetted materials of a valve: temperature over strength for acids, caustic and bleach,
 * temperature over content for chlorides.
 *
 * @param valve a valve of the catalogue
 * @param duty settled duty
 * @returns one picture for the solution and one for the chlorides, where the duty has them and a material has a border
 * @source reference/corrosion.csv, reference/chloride-limits.csv (indicative)
 */
export function corrosionPictures(valve: Valve, duty: SettledDuty): CorrosionPicture[] {
  const materials = materialsOf(valve);
  const hottestC = hottestWithFluid(duty)?.temperatureC ?? null;
  const { solution } = duty;
  return [
    ...(solution?.dependsOnStrength ? [bySolution(solution, materials, hottestC)] : []),
    ...(duty.chloridesMgL > 0 ? [byChlorides(duty, materials, hottestC)] : []),
  ].filter(({ borders }) => borders.length > 0);
}
