import { type Conductance, passing } from "./conductance.ts";

const atmosphereBarA = 1.01325;

/** A cylinder turns a valve, one degree at a time. */
export interface Chambers {
  /** Volume swept by each degree, dm³. */
  readonly sweptL: readonly number[];
  /** Volume at the end of the stroke that never empties, on either side, dm³. */
  readonly deadL: number;
}

/**
 * Time for air to turn it.
 *
 * @param stroke chambers; pressure difference it takes at each degree, bar; supply, bar g; ways in and out, the way out
 *   null where the other side breathes freely
 * @returns seconds to the end of the stroke; null where the supply does not carry it through
 * @source isothermal filling and emptying, ISO 6358 flow, no mass of what moves: (1) the driving side fills and the
 *   other empties until the difference breaks the valve open, (2) both sides follow the difference asked at each
 *   degree, ω = (q₁/V₁ + q₂/V₂)/(Δ′ + p₁·A/V₁ + p₂·A/V₂). Ease after breaking is not credited: on the slow side
 */
export function drivenSeconds(stroke: {
  readonly chambers: Chambers;
  readonly needBar: readonly number[];
  readonly supplyBarG: number;
  readonly inlet: Conductance;
  readonly outlet: Conductance | null;
}): number | null {
  const { needBar, inlet, outlet } = stroke;
  const { sweptL, deadL } = stroke.chambers;
  const supply = stroke.supplyBarG + atmosphereBarA;
  const whole = sweptL.reduce((sum, litres) => sum + litres, 0);
  if (Math.max(...needBar) >= supply - atmosphereBarA) return null;
  let driving = atmosphereBarA;
  let other = outlet === null ? atmosphereBarA : supply;
  let seconds = 0;
  let [v1, v2] = [deadL, deadL + whole];
  // Until breakaway: short steps of the smaller time constant.
  for (let i = 0; driving - other < needBar[0]!; i++) {
    const q1 = passing(inlet, supply, driving);
    const q2 = outlet === null ? 0 : passing(outlet, other, atmosphereBarA);
    const rate = Math.max(q1 / v1, q2 / v2);
    if (rate < 1e-9 || i > 200_000) return null;
    const step = 0.02 / rate;
    driving = Math.min(supply, driving + (step * q1) / v1);
    other = Math.max(atmosphereBarA, other - (step * q2) / v2);
    seconds += step;
  }
  for (let degree = 0; degree < sweptL.length; degree++) {
    const need = needBar[degree]!;
    const rise = Math.max(0, (needBar[degree + 1] ?? need) - need);
    const area = sweptL[degree]!;
    other = Math.min(Math.max(other, atmosphereBarA), supply - need);
    driving = Math.max(driving, other + need);
    const q1 = passing(inlet, supply, driving);
    const q2 = outlet === null ? 0 : passing(outlet, other, atmosphereBarA);
    const speed =
      outlet === null
        ? q1 / v1 / (rise + (driving * area) / v1)
        : (q1 / v1 + q2 / v2) / (rise + (driving * area) / v1 + (other * area) / v2);
    if (!(speed > 1e-6)) return null;
    seconds += 1 / speed;
    if (outlet !== null) other += (-q2 / speed + other * area) / v2;
    driving =
      (outlet === null ? atmosphereBarA : Math.max(atmosphereBarA, Math.min(other, supply - need))) + need;
    v1 += area;
    v2 -= area;
  }
  return seconds;
}

/**
 * How long springs take to turn it while the air leaves.
 *
 * @param stroke chambers; pressure the springs can still push out at each degree, bar g; supply, bar g; the way out
 * @returns seconds to the end of the stroke; null where the springs do not carry it through
 * @source as `drivenSeconds`: emptying until the springs overcome air and valve, then ω = q/(p·A − p′·V)
 */
export function sprungSeconds(stroke: {
  readonly chambers: Chambers;
  readonly leavesBar: readonly number[];
  readonly supplyBarG: number;
  readonly outlet: Conductance;
}): number | null {
  const { leavesBar, outlet } = stroke;
  const { sweptL, deadL } = stroke.chambers;
  if (Math.min(...leavesBar) <= 0) return null;
  let volume = deadL + sweptL.reduce((sum, litres) => sum + litres, 0);
  let pressure = stroke.supplyBarG + atmosphereBarA;
  let seconds = 0;
  while (pressure > leavesBar[0]! + atmosphereBarA) {
    const fall = passing(outlet, pressure, atmosphereBarA) / volume;
    const step = 0.02 / Math.max(fall, 1e-9);
    pressure -= step * fall;
    seconds += step;
    if (seconds > 1e5) return null;
  }
  for (let degree = 0; degree < sweptL.length; degree++) {
    const area = sweptL[degree]!;
    const left = Math.min(pressure, leavesBar[degree]! + atmosphereBarA);
    const fall = Math.max(
      0,
      left - Math.min(left, (leavesBar[degree + 1] ?? leavesBar[degree]!) + atmosphereBarA),
    );
    const speed = passing(outlet, left, atmosphereBarA) / (left * area + fall * volume);
    if (!(speed > 1e-6)) return null;
    seconds += 1 / speed;
    pressure = left;
    volume -= area;
  }
  return seconds;
}
