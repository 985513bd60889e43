/** Flow too slow or too viscous to be turbulent. */
import { type Fittings, flowConstants } from "./flow-fittings.ts";

const { n2, n4, n18, n32 } = flowConstants;
/** Above this, flow in a valve is turbulent. */
export const turbulentFrom = 10_000;

/**
 * Valve Reynolds number of each m³/h.
 *
 * @param kv flow coefficient, m³/h
 * @param fl liquid pressure recovery factor
 * @param fd valve style modifier
 * @param kinematicM2S kinematic viscosity, m²/s
 * @param fittings sizes, mm
 * @returns Re_v for an actual flow of 1 m³/h
 * @source IEC 60534-2-1:2011, 9.2: N₄F_dQ/(ν√(CF_L))·(F_L²C²/(N₂D⁴) + 1)^¼
 */
export function reynoldsPerFlow(
  kv: number,
  fl: number,
  fd: number,
  kinematicM2S: number,
  { upstreamMm }: Fittings,
): number {
  const square = upstreamMm * upstreamMm;
  const pipe = (fl * kv * (fl * kv)) / (n2 * square * square) + 1;
  return ((n4 * fd) / (kinematicM2S * Math.sqrt(kv * fl))) * Math.sqrt(Math.sqrt(pipe));
}

/**
 * Reynolds number factor.
 *
 * @param reynolds valve Reynolds number
 * @param kv flow coefficient, m³/h
 * @param fl liquid pressure recovery factor
 * @param valveMm size of the valve, mm
 * @returns F_R, 1 where flow is turbulent
 * @source IEC 60534-2-1:2011, 9.3, full-size trim where C/d² ≥ 0.016·N₁₈, reduced trim below
 */
export function reynoldsFactor(reynolds: number, kv: number, fl: number, valveMm: number): number {
  if (reynolds >= turbulentFrom) return 1;
  const specific = kv / valveMm ** 2;
  const n = specific >= 0.016 * n18 ? n2 / specific ** 2 : 1 + n32 * specific ** (2 / 3);
  const laminar = Math.min(1, (0.026 / fl) * Math.sqrt(n * reynolds));
  if (reynolds < 10) return laminar;
  return Math.min(laminar, 1 + ((0.33 * Math.sqrt(fl)) / n ** 0.25) * Math.log10(reynolds / turbulentFrom));
}

/**
 * The flow at which the valve's coefficient agrees with its Reynolds number.
 *
 * @param turbulent the flow if it were turbulent
 * @param coefficientAt flow at the Reynolds number of a given flow
 * @returns flow, in the unit of the first
 * @source F_R grows more slowly than the flow, so that each step halves what is missing
 */
export function settledFlow(turbulent: number, coefficientAt: (flow: number) => number): number {
  let flow = turbulent;
  for (let step = 0; step < 60; step++) {
    const next = Math.min(turbulent, coefficientAt(flow));
    if (Math.abs(next - flow) <= 1e-14 * flow) return next;
    flow = next;
  }
  return flow;
}
