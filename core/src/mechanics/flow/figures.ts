import { gasNoise } from "../../basis/calc/gas-noise.ts";
import { cavitationRatio, cavitationRatioAt, liquidNoise } from "../../basis/calc/liquid-noise.ts";
import type { LiquidStream, Stream } from "../../duty/stream/stream-figures.ts";
import { asOne } from "../../duty/stream/two-phase-stream.ts";
import { type TrimAtOpening, type TrimInBody, trimAt } from "../../equipment/trims/trim.ts";
import { passingOf } from "./passing.ts";
import type { Passing, Pipes } from "./pipes.ts";

/** How far a liquid is on its way to boiling in the valve. */
export type Boiling = "none" | "heard" | "constant" | "choked" | "flashing";

/** Effect of a trim on a stream at an opening. */
export interface FlowFigures {
  readonly openingPercent: number;
  readonly at: TrimAtOpening;
  readonly choked: boolean;
  /** Pressure drop over the drop to boiling (liquid), or over the upstream pressure (gas). */
  readonly ratio: number;
  /** Where cavitation is heard, grows constant, and chokes; null of a gas. */
  readonly cavitation: {
    readonly heardFrom: number;
    readonly constantFrom: number;
    readonly chokesFrom: number;
    readonly measured: boolean;
    /** (p₁ − p_v)/(p₁ − p₂) */
    readonly sigma: number;
  } | null;
  readonly boiling: Boiling;
  /** In the valve's outlet and in the pipe behind it, m/s. */
  readonly outletMS: number;
  readonly pipeMS: number;
  /** In the outlet; null for a liquid. */
  readonly mach: number | null;
  /** A-weighted, 1 m from the pipe; null where no method predicts it. */
  readonly noiseDbA: number | null;
}

/** Pipe wall and insulation, for the noise outside. */
export interface Wall {
  readonly wallMm: number;
  /** Noise reduction of insulation, dB. */
  readonly lessDb: number;
}

/** Share of F_L² above which cavitation is constant and the coefficient starts to fall. Indicative for rotary trims. */
const constantShare = 0.8;

const area = (mm: number) => (Math.PI / 4) * (mm / 1000) ** 2;

function boilingAt(
  stream: Stream,
  ratio: number,
  cavitation: NonNullable<FlowFigures["cavitation"]>,
): Boiling {
  if (stream.kind !== "liquid") return "none";
  if (stream.downstreamBarA <= stream.vapourBarA) return "flashing";
  if (ratio >= cavitation.chokesFrom) return "choked";
  if (ratio >= cavitation.constantFrom) return "constant";
  return ratio >= cavitation.heardFrom ? "heard" : "none";
}

/**
 * Density behind the valve.
 *
 * @param stream pressures either side
 * @returns kg/m³; a gas expanded at its temperature, a liquid unchanged, both moving together
 * @source ideal expansion
 */
export function densityBehind(stream: Stream): number {
  if (stream.kind === "liquid") return stream.densityKgM3;
  if (stream.kind === "gas") return (stream.densityKgM3 * stream.downstreamBarA) / stream.upstreamBarA;
  return asOne(stream.behindShare, densityBehind(stream.gas), densityBehind(stream.liquid));
}

/**
 * Pressures against limits, velocities and noise of a stream through a trim at an opening.
 *
 * @param trim in its body
 * @param openingPercent 0 shut to 100 open
 * @param stream through the trim
 * @param pipes sizes of valve and pipe, mm
 * @param wall of the pipe, mm, and noise reduction of insulation, dB
 * @param passing of the stream, where the caller has it at hand
 * @returns ratios, velocities, m/s, noise, dB(A)
 * @source IEC 60534-2-1, -8-3 and -8-4; constant cavitation at 0.8·F_L² (indicative)
 */
export function figuresAt(
  trim: TrimInBody,
  openingPercent: number,
  stream: Stream,
  pipes: Pipes,
  wall: Wall,
  passing: Passing = passingOf(stream, pipes),
): FlowFigures {
  const trimPoint = trimAt(trim, openingPercent);
  const choked = passing.choked(trimPoint);
  // The drop of an open valve may be below the resolution of the pressures.
  const drop = Math.max(stream.upstreamBarA - stream.downstreamBarA, 0);
  const silent = drop === 0;
  const volumeM3S = stream.massKgH / densityBehind(stream) / 3600;
  const outletMS = volumeM3S / area(pipes.valveMm);
  const cavitation = stream.kind === "liquid" ? cavitationOf(trimPoint, stream, drop) : null;
  const ratio = stream.kind === "liquid" ? drop / toVapourBar(stream) : drop / stream.upstreamBarA;
  const boiling = stream.kind === "liquid" ? boilingAt(stream, ratio, cavitation!) : "none";
  let noise: number | null | undefined;
  return {
    openingPercent,
    at: trimPoint,
    choked,
    ratio,
    cavitation,
    boiling,
    outletMS,
    pipeMS: volumeM3S / area(pipes.pipeMm),
    mach: stream.kind === "gas" ? outletMS / stream.soundMS : null,
    get noiseDbA() {
      if (noise === undefined)
        noise = silent || boiling === "flashing" ? null : noiseOf(stream, trimPoint, pipes, wall);
      return noise;
    },
  };
}

const toVapourBar = (stream: LiquidStream): number => Math.max(1e-9, stream.upstreamBarA - stream.vapourBarA);

function cavitationOf(
  trimPoint: TrimAtOpening,
  stream: LiquidStream,
  drop: number,
): FlowFigures["cavitation"] {
  return {
    heardFrom: cavitationRatioAt(
      trimPoint.xfz ?? cavitationRatio(trimPoint.kv, trimPoint.fl, trimPoint.fd),
      stream.upstreamBarA,
    ),
    constantFrom: constantShare * trimPoint.fl * trimPoint.fl,
    chokesFrom: trimPoint.fl * trimPoint.fl,
    measured: trimPoint.xfz !== null,
    sigma: toVapourBar(stream) / Math.max(drop, 1e-9),
  };
}

/** Computed on first use: its frequency bands cost more than everything else. */
function noiseOf(
  stream: Stream,
  { kv, fd, fl, xfz }: TrimAtOpening,
  pipes: Pipes,
  wall: Wall,
): number | null {
  if (stream.kind === "two-phase") return null;
  const pipe = {
    massFlowKgH: stream.massKgH,
    upstreamBarA: stream.upstreamBarA,
    downstreamBarA: stream.downstreamBarA,
    densityKgM3: stream.densityKgM3,
    kv,
    valveOutletMm: pipes.valveMm,
    pipeInnerMm: pipes.pipeMm,
    pipeWallMm: wall.wallMm,
    fd,
    fl,
  };
  const { levelDbA } =
    stream.kind === "gas"
      ? gasNoise({
          ...pipe,
          temperatureC: stream.temperatureC,
          isentropicExponent: stream.isentropicExponent,
          molarMassKgKmol: stream.molarMassKgKmol,
        })
      : liquidNoise({
          ...pipe,
          vapourPressureBarA: stream.vapourBarA,
          soundSpeedMS: stream.soundMS,
          xfz: xfz ?? undefined,
        });
  return levelDbA - wall.lessDb;
}
