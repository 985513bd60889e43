/** How readily air passes: sonic conductance, dm³/(s·bar) of free air at 20 °C, and where it stops choking. */
export interface Conductance {
  readonly c: number;
  /** Ratio of absolute pressures below which the flow is choked. */
  readonly b: number;
}

/**
 * A valve by its flow coefficient.
 *
 * @param cv flow coefficient, US units
 * @returns its conductance: effective area 18·Cv in mm², a fifth of it in dm³/(s·bar)
 * @source ISO 6358 for C and b; 18 mm² for a Cv of 1 is customary, an estimate
 * @example ofCv(1).c // → 3.6
 */
export const ofCv = (cv: number): Conductance => ({ c: 3.6 * cv, b: 0.3 });

/**
 * A smooth tube.
 *
 * @param boreMm inside diameter, mm
 * @param lengthM length, m
 * @returns its conductance
 * @source ISO 6358, annex: C = 0.029·d²/√(L/d^1.25 + 510) in m³/(s·Pa), b = 474·C/d²
 * @example Math.round(100 * ofTube(8, 5).c) // → 364
 */
export function ofTube(boreMm: number, lengthM: number): Conductance {
  const d = boreMm / 1000;
  const c = (0.029 * d * d) / Math.sqrt(lengthM / d ** 1.25 + 510);
  return { c: c * 1e8, b: Math.min(0.6, (474 * c) / (d * d)) };
}

/**
 * Several in series.
 *
 * @param parts at least one
 * @returns conductance of all of them together
 * @source ISO 6358: 1/C³ = Σ 1/Cᵢ³, 1 − b = C²·Σ (1 − bᵢ)/Cᵢ²
 * @example Math.round(1000 * inSeries([ofCv(1), ofCv(1)]).c) // → 2857
 */
export function inSeries(parts: readonly Conductance[]): Conductance {
  const c = parts.reduce((sum, part) => sum + 1 / part.c ** 3, 0) ** (-1 / 3);
  const b = 1 - c * c * parts.reduce((sum, part) => sum + (1 - part.b) / part.c ** 2, 0);
  return { c, b: Math.max(0, b) };
}

/**
 * Free air that passes.
 *
 * @param through conductance
 * @param fromBarA absolute pressure before it, bar
 * @param toBarA absolute pressure behind it, bar
 * @returns dm³/s of free air (1 bar, 20 °C); 0 where nothing drives it
 * @source ISO 6358: q = C·p₁ choked, times √(1 − ((r − b)/(1 − b))²) above the critical ratio
 * @example passing({ c: 2, b: 0.3 }, 6, 1) // → 12
 */
export function passing({ c, b }: Conductance, fromBarA: number, toBarA: number): number {
  if (fromBarA <= toBarA) return 0;
  const ratio = toBarA / fromBarA;
  if (ratio <= b) return c * fromBarA;
  return c * fromBarA * Math.sqrt(1 - ((ratio - b) / (1 - b)) ** 2);
}
