import { liquidPasser } from "../../basis/calc/liquid-flow.ts";
import type { TwoPhaseStream } from "../../duty/stream/stream-figures.ts";
import { asOne } from "../../duty/stream/two-phase-stream.ts";
import type { TrimAtOpening } from "../../equipment/trims/trim.ts";
import type { Passing, Pipes } from "./pipes.ts";

/** Density of water at 15 °C over that of a fluid that never boils: the combined equation has no vapour pressure. */
const neverBoils = { vapourPressureBarA: 0, criticalPressureBarA: Number.POSITIVE_INFINITY } as const;

/**
 * Flow of liquid and vapour together through trims: an estimate, the lesser of two models.
 *
 * @param stream both phases, pressures
 * @param pipes sizes of valve and pipe, mm
 * @param alone flow of either phase alone, as a multiple of its own flow
 * @returns share of the stream's flow a trim passes at an opening, and whether either phase chokes there
 * @source (1) as one: no slip, the vapour expanding by Y into the volume of both, Δp no more than F_k·x_T·p₁; (2) side by
 *   side: either phase takes its own share of the coefficient, 1/share = Σ 1/share of each. IEC 60534-2-1:2011 for each
 *   phase; the standard itself gives no equation for two
 */
export function twoPhasePassing(
  stream: TwoPhaseStream,
  { valveMm, pipeMm }: Pipes,
  alone: { readonly liquid: Passing; readonly gas: Passing },
): Passing {
  const { gas, liquid, vapourShare, upstreamBarA, downstreamBarA } = stream;
  const asOneShare = (trimPoint: TrimAtOpening): number => {
    const limit = (gas.isentropicExponent / 1.4) * trimPoint.xt;
    const x = Math.min((upstreamBarA - downstreamBarA) / upstreamBarA, limit);
    const expansion = 1 - x / (3 * limit);
    const densityKgM3 = asOne(vapourShare, gas.densityKgM3 * expansion ** 2, liquid.densityKgM3);
    const { flow } = liquidPasser({
      upstreamBarA,
      downstreamBarA: upstreamBarA * (1 - x),
      densityKgM3,
      ...neverBoils,
      valveDiameterMm: valveMm,
      upstreamPipeMm: pipeMm,
      downstreamPipeMm: pipeMm,
    });
    return (flow(trimPoint.kv, trimPoint) * densityKgM3) / stream.massKgH;
  };
  return {
    share: (trimPoint) => {
      const sideBySide = 1 / (1 / alone.liquid.share(trimPoint) + 1 / alone.gas.share(trimPoint));
      return Math.min(sideBySide, asOneShare(trimPoint));
    },
    choked: (trimPoint) => alone.liquid.choked(trimPoint) || alone.gas.choked(trimPoint),
  };
}
