/** A pump curve as read, with rising flows and falling pressures, or the fault in it. */
export type PumpCurve =
  | { readonly points: readonly (readonly [flow: number, barG: number])[] }
  | { readonly fault: string };

const form = 'Write flow and bar g of each point, as "0 12; 100 11; 200 8".';

/**
 * Reads a pump's curve.
 *
 * @param text points parted by semicolons or lines: flow, counted as the largest case counts its own, and bar g before
 *   the valve
 * @returns points, flows rising; or the fault, as a sentence
 * @source a pump gives no more pressure for more flow
 * @example readPumpCurve("0 12; 200 8").points.length // → 2
 */
export function readPumpCurve(text: string): PumpCurve {
  const parts = text
    .split(/[;\n]/)
    .map((part) => part.trim())
    .filter((part) => part !== "");
  const points: (readonly [number, number])[] = [];
  for (const part of parts) {
    const figures = part
      .replaceAll("−", "-")
      .split(/[\s:/]+/)
      .map((figure) => Number(figure.replace(",", ".")));
    if (figures.length !== 2 || !figures.every(Number.isFinite))
      return { fault: `"${part}" is not a point. ${form}` };
    const [flow, barG] = figures as [number, number];
    if (flow < 0 || barG < -1 || barG > 1000) return { fault: `"${part}" is out of range. ${form}` };
    points.push([flow, barG]);
  }
  if (points.length < 2) return { fault: `A curve needs two or more points. ${form}` };
  for (const [i, [flow, barG]] of points.entries()) {
    if (i === 0) continue;
    const [before, higher] = points[i - 1]!;
    if (flow <= before)
      return { fault: `Flow must increase from point to point: ${flow} follows ${before}.` };
    if (barG > higher)
      return { fault: `Pump pressure must not increase with flow: ${barG} follows ${higher} bar g.` };
  }
  return { points };
}

/**
 * Pressure of a pump at a flow.
 *
 * @param points of its curve, flows rising
 * @param flow counted as they are
 * @returns bar g: evenly between points, before the first as at it, behind the last falling on as between the last two
 * @source the curve
 * @example pumpedBarG([[0, 12], [200, 8]], 100) // → 10
 */
export function pumpedBarG(points: readonly (readonly [flow: number, barG: number])[], flow: number): number {
  if (flow <= points[0]![0]) return points[0]![1];
  const index = points.findIndex(([q]) => q >= flow);
  const i = index < 0 ? points.length - 1 : index;
  const [[q1, p1], [q2, p2]] = [points[i - 1]!, points[i]!];
  return p1 + ((p2 - p1) * (flow - q1)) / (q2 - q1);
}
