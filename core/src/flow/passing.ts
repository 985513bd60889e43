import { type GasState, gasThrough } from "../calc/gas-flow.ts";
import { type LiquidState, liquidThrough } from "../calc/liquid-flow.ts";
import type { Stream } from "../fluid/index.ts";
import type { TrimAtOpening } from "../trims/index.ts";

/** The valve between its pipes, mm. */
export interface Pipes {
  readonly valveMm: number;
  readonly pipeMm: number;
}

const stateOf = (at: TrimAtOpening, stream: Stream, { valveMm, pipeMm }: Pipes) => ({
  upstreamBarA: stream.upstreamBarA,
  downstreamBarA: stream.downstreamBarA,
  viscosityPaS: stream.viscosityPaS,
  valveDiameterMm: valveMm,
  upstreamPipeMm: pipeMm,
  downstreamPipeMm: pipeMm,
  fl: at.fl,
  fd: at.fd,
});

/**
 * What a trim at an opening passes of a stream.
 *
 * @param at coefficient and factors of the trim there
 * @param stream pressures and fluid
 * @param pipes sizes of valve and pipe, mm
 * @returns as a share of the stream's own flow, and whether it is choked
 * @source IEC 60534-2-1:2011, as `liquidThrough` and `gasThrough`
 */
export function passes(
  at: TrimAtOpening,
  stream: Stream,
  pipes: Pipes,
): { readonly share: number; readonly choked: boolean } {
  if (stream.kind === "liquid") {
    const state: LiquidState = {
      ...stateOf(at, stream, pipes),
      densityKgM3: stream.densityKgM3,
      vapourPressureBarA: stream.vapourBarA,
      criticalPressureBarA: stream.criticalBarA,
    };
    const { flowM3h, choked } = liquidThrough(at.kv, state);
    return { share: flowM3h / stream.flowM3h, choked };
  }
  const state: GasState = {
    ...stateOf(at, stream, pipes),
    molarMassKgKmol: stream.molarMassKgKmol,
    temperatureC: stream.temperatureC,
    compressibility: stream.compressibility,
    isentropicExponent: stream.isentropicExponent,
    xt: at.xt,
  };
  const { flowNm3h, choked } = gasThrough(at.kv, state);
  return { share: flowNm3h / stream.flowNm3h, choked };
}

/**
 * A stream with other pressures and another flow.
 *
 * @param stream the stream
 * @param share of its flow
 * @param upstreamBarA bar a
 * @param downstreamBarA bar a
 * @returns the stream there; a gas as dense as the pressure makes it at the same compressibility
 * @source ideal change of a gas's density
 */
export function streamAt<S extends Stream>(
  stream: S,
  share: number,
  upstreamBarA = stream.upstreamBarA,
  downstreamBarA = stream.downstreamBarA,
): S {
  const denser = stream.kind === "gas" ? upstreamBarA / stream.upstreamBarA : 1;
  return {
    ...stream,
    massKgH: stream.massKgH * share,
    densityKgM3: stream.densityKgM3 * denser,
    upstreamBarA,
    downstreamBarA,
    ...(stream.kind === "liquid"
      ? { flowM3h: stream.flowM3h * share }
      : { flowNm3h: stream.flowNm3h * share }),
  };
}
