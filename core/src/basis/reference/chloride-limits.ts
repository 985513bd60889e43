import { onPoints } from "./interpolate.ts";
import { records } from "./table.ts";
import { chlorideLimits as table } from "./tables/chloride-limits.ts";

/** How chlorides attack a metal: contents by rising temperature, and what is harmless below its lowest content. */
export interface ChlorideCurve {
  readonly mechanism: "pitting" | "crevice corrosion" | "cracking";
  /** Rising. */
  readonly temperaturesC: readonly number[];
  /** Falling, mg/l, one for each temperature. */
  readonly chloridesMgL: readonly number[];
  /** Natural logarithms of the contents. */
  readonly logs: readonly number[];
}

interface Row {
  metal: string;
  mechanism: ChlorideCurve["mechanism"];
  /** For example "25 200; 40 120": °C and mg/l. */
  temperature_c_chlorides_mg_l: string;
}

const byMetal = new Map<string, ChlorideCurve[]>();
for (const { metal, mechanism, temperature_c_chlorides_mg_l } of records<Row>(table)) {
  const points = temperature_c_chlorides_mg_l.split("; ").map((point) => point.split(" ").map(Number));
  const chloridesMgL = points.map(([, content]) => content!);
  const curve = {
    mechanism,
    temperaturesC: points.map(([c]) => c!),
    chloridesMgL,
    logs: chloridesMgL.map(Math.log),
  };
  byMetal.set(metal, [...(byMetal.get(metal) ?? []), curve]);
}

/**
 * Curves of chloride content against temperature beyond which a metal is attacked in neutral water with air.
 *
 * @param metal as the metal tables know it
 * @returns a curve for each mechanism; none for a metal that chlorides alone do not attack
 * @source reference/chloride-limits.csv (practice, indicative)
 * @example chlorideCurves("austenitic 316").map(({ mechanism }) => mechanism) // → ["pitting", "cracking"]
 */
export function chlorideCurves(metal: string): readonly ChlorideCurve[] {
  return byMetal.get(metal) ?? [];
}

/**
 * Chloride content a metal stands at a temperature: straight lines between the points of the logarithm of the content.
 *
 * @param curve one mechanism of a metal
 * @param temperatureC °C; below the curve its first content, above it the last line goes on; a single point holds
 *   at every temperature
 * @returns mg/l
 * @source derived: log-linear interpolation
 * @example contentLimitMgL(chlorideCurves("austenitic 316")[0], 25) // → 1000
 */
export function contentLimitMgL(curve: ChlorideCurve, temperatureC: number): number {
  const { temperaturesC, chloridesMgL, logs } = curve;
  const last = logs.length - 1;
  const exactly = last === 0 ? 0 : temperaturesC.indexOf(Math.max(temperatureC, temperaturesC[0]!));
  if (exactly >= 0) return chloridesMgL[exactly]!;
  if (temperatureC < temperaturesC[last]!) return Math.exp(onPoints(temperaturesC, logs, temperatureC));
  const slope = (logs[last]! - logs[last - 1]!) / (temperaturesC[last]! - temperaturesC[last - 1]!);
  return Math.exp(logs[last]! + slope * (temperatureC - temperaturesC[last]!));
}

/**
 * Temperature from which a metal is attacked at a chloride content.
 *
 * @param curve one mechanism of a metal
 * @param content mg/l; above the highest content of the curve its lowest temperature counts, below the lowest
 *   content its highest
 * @returns °C
 * @source derived: the inverse of the content limit
 * @example temperatureLimitC(chlorideCurves("austenitic 316")[1], 1000) // → 60
 */
export function temperatureLimitC(
  { temperaturesC, chloridesMgL, logs }: ChlorideCurve,
  content: number,
): number {
  const exactly = chloridesMgL.indexOf(content);
  return exactly >= 0
    ? temperaturesC[exactly]!
    : onPoints(logs.toReversed(), temperaturesC.toReversed(), Math.log(content));
}
