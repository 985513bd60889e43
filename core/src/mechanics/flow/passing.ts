import { gasPasser } from "../../basis/calc/gas-flow.ts";
import { liquidPasser } from "../../basis/calc/liquid-flow.ts";
import type { Stream } from "../../duty/stream/stream-figures.ts";
import { asOne } from "../../duty/stream/two-phase-stream.ts";
import type { Passing, Pipes } from "./pipes.ts";
import { twoPhasePassing } from "./two-phase.ts";

/**
 * Flow of a stream through trims.
 *
 * @param stream pressures, fluid and its own flow
 * @param pipes sizes of valve and pipe, mm
 * @returns share of the stream's flow a trim passes at an opening, and whether it is choked there
 * @source IEC 60534-2-1:2011, as `liquidPasser` and `gasPasser`; both phases at once as `twoPhasePassing`
 */
export function passingOf(stream: Stream, pipes: Pipes): Passing {
  if (stream.kind === "two-phase")
    return twoPhasePassing(stream, pipes, {
      liquid: passingOf(stream.liquid, pipes),
      gas: passingOf(stream.gas, pipes),
    });
  const { valveMm: valveDiameterMm, pipeMm } = pipes;
  const { upstreamBarA, downstreamBarA, viscosityPaS } = stream;
  // Field by field in both: it is created for every case of every size, and a spread costs more than the passer.
  const { flow, choked } =
    stream.kind === "liquid"
      ? liquidPasser({
          upstreamBarA,
          downstreamBarA,
          viscosityPaS,
          valveDiameterMm,
          upstreamPipeMm: pipeMm,
          downstreamPipeMm: pipeMm,
          densityKgM3: stream.densityKgM3,
          vapourPressureBarA: stream.vapourBarA,
          criticalPressureBarA: stream.criticalBarA,
        })
      : gasPasser({
          upstreamBarA,
          downstreamBarA,
          viscosityPaS,
          valveDiameterMm,
          upstreamPipeMm: pipeMm,
          downstreamPipeMm: pipeMm,
          molarMassKgKmol: stream.molarMassKgKmol,
          temperatureC: stream.temperatureC,
          compressibility: stream.compressibility,
          isentropicExponent: stream.isentropicExponent,
        });
  const whole = stream.kind === "liquid" ? stream.flowM3h : stream.flowNm3h;
  return {
    share: (trimPoint) => flow(trimPoint.kv, trimPoint) / whole,
    choked: (trimPoint) => choked(trimPoint.kv, trimPoint),
  };
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
  const moved = { ...stream, massKgH: stream.massKgH * share, upstreamBarA, downstreamBarA };
  if (moved.kind === "liquid") return { ...moved, flowM3h: moved.flowM3h * share };
  if (moved.kind === "gas") {
    const densityKgM3 = (moved.densityKgM3 * upstreamBarA) / stream.upstreamBarA;
    return { ...moved, densityKgM3, flowNm3h: moved.flowNm3h * share };
  }
  const both = {
    liquid: streamAt(moved.liquid, share, upstreamBarA, downstreamBarA),
    gas: streamAt(moved.gas, share, upstreamBarA, downstreamBarA),
  };
  return {
    ...moved,
    ...both,
    densityKgM3: asOne(moved.vapourShare, both.gas.densityKgM3, both.liquid.densityKgM3),
  };
}
