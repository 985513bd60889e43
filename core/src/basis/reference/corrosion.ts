import { listedAs } from "./suitability.ts";
import { records } from "./table.ts";
import { corrosion as table } from "./tables/corrosion.ts";

/** How a material resists a solution over a range of strengths. */
export interface CorrosionBand {
  /** Strength in percent by weight: above the first, up to and including the second. */
  readonly abovePercent: number;
  readonly toPercent: number;
  /** Null where the table covers moist and dry fluid alike. */
  readonly wet: boolean | null;
  /** "unlisted" where sources disagree or are silent: evidence is needed. */
  readonly resists: "within limits" | "never" | "unlisted";
  /** The lowest limit that sources give, °C; null where they give none. */
  readonly holdsToC: number | null;
  /** The highest limit that sources give, °C. */
  readonly tightToC: number | null;
  readonly mechanism: string;
}

interface Row {
  solution: string;
  water: "wet" | "dry" | null;
  materials: string;
  limits_to_percent: string;
  mechanism: string;
}

/** Materials that the table treats alike. */
const groups: Readonly<Record<string, readonly string[]>> = {
  "carbon steels": ["carbon steel", "low-temperature carbon steel", "1¼Cr–½Mo steel"],
  "austenitic steels": ["austenitic 304", "austenitic 316"],
  "duplex steels": ["22Cr duplex", "25Cr super duplex"],
  "martensitic steels": ["13Cr steel", "17-4PH"],
  "alloys 20 and 825": ["alloy 20", "alloy 825"],
  "hard facings": ["tungsten carbide coating", "chromium carbide coating", "cobalt hardfacing"],
  bronzes: ["aluminium bronze", "nickel aluminium bronze"],
  fluoropolymers: ["ptfe", "tfm", "ptfe-lip", "ptfe-chevron"],
  "engineering plastics": ["pom", "pa", "pi"],
  fluoroelastomers: ["fkm", "fkm-lt"],
};

const figure = (text: string) => (text === "-" ? null : Number(text));

/** Reads "5 25/45; 20 -/25; 100 x": up to 5 % it holds to 25 °C and is tight to 45 °C, and so on. */
function bandsOf({ limits_to_percent, water, mechanism }: Row): CorrosionBand[] {
  let abovePercent = 0;
  return limits_to_percent.split("; ").map((written) => {
    const [to, limits] = written.split(" ") as [string, string];
    const [holds, tight] = limits.split("/");
    const toPercent = Number(to);
    const band: CorrosionBand = {
      abovePercent,
      toPercent,
      wet: water === null ? null : water === "wet",
      resists: limits === "x" ? "never" : limits === "?" ? "unlisted" : "within limits",
      holdsToC: tight === undefined ? null : figure(holds!),
      tightToC: tight === undefined ? null : figure(tight),
      mechanism,
    };
    abovePercent = toPercent;
    return band;
  });
}

const bySolution = new Map<string, Map<string, CorrosionBand[]>>();
for (const row of records<Row>(table)) {
  const byMaterial = bySolution.get(row.solution) ?? new Map<string, CorrosionBand[]>();
  bySolution.set(row.solution, byMaterial);
  for (const name of row.materials.split(";"))
    for (const material of groups[name] ?? [name])
      byMaterial.set(material, [...(byMaterial.get(material) ?? []), ...bandsOf(row)]);
}

/** Solutions the table knows. */
export const solutions: readonly string[] = [...bySolution.keys()];

const hasBands = (solution: string, is: (band: CorrosionBand) => boolean) =>
  [...(bySolution.get(solution)?.values() ?? [])].some((bands) => bands.some(is));

/**
 * Whether the strength of a solution changes what resists it.
 *
 * @param solution for example "sulphuric acid"
 * @returns false for a gas such as chlorine, which moisture alone decides
 * @source reference/corrosion.csv
 * @example dependsOnStrength("chlorine") // → false
 */
export const dependsOnStrength = (solution: string): boolean =>
  hasBands(solution, (band) => band.toPercent < 100);

/**
 * Whether moisture changes what resists a fluid.
 *
 * @param solution for example "chlorine"
 * @returns true where dry and moist fluid are tabulated apart
 * @source reference/corrosion.csv
 * @example dependsOnMoisture("chlorine") // → true
 */
export const dependsOnMoisture = (solution: string): boolean =>
  hasBands(solution, (band) => band.wet !== null);

/**
 * How a material resists a solution, at every strength.
 *
 * @param solution for example "sulphuric acid"
 * @param material metal, seat or seal id of the suitability tables
 * @returns its bands, weakest solution first; null where the table does not list the material
 * @source reference/corrosion.csv (indicative): the lowest and the highest limit of the published
 *   iso-corrosion charts and resistance lists
 * @example corrosionBands("sulphuric acid", "austenitic 316")[0].holdsToC // → 25
 */
export function corrosionBands(solution: string, material: string): readonly CorrosionBand[] | null {
  return bySolution.get(solution)?.get(listedAs[material] ?? material) ?? null;
}
