import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Stream } from "../../duty/stream/stream-figures.ts";
import { type FlowFigures, figuresAt } from "../../mechanics/flow/figures.ts";
import { installedCurve, systemOf } from "../../mechanics/flow/installed.ts";
import { streamAt } from "../../mechanics/flow/passing.ts";
import { flowOf } from "../../mechanics/flow/picked.ts";
import type { ProvenCandidate } from "./candidate.ts";

/** Result of a trim in its line at one opening. */
export interface StrokePoint {
  readonly openingPercent: number;
  /** Share of the largest case's flow, through the line and at that case's pressures. */
  readonly share: number;
  readonly inherent: number;
  readonly gain: number;
  readonly upstreamBarA: number;
  readonly downstreamBarA: number;
  readonly kv: number;
  readonly ratio: number;
  readonly sigma: number | null;
  readonly heardFrom: number | null;
  readonly chokesFrom: number | null;
  readonly boiling: FlowFigures["boiling"];
  readonly outletMS: number;
  readonly mach: number | null;
  readonly noiseDbA: number | null;
}

type FlowBasis = "m³/h" | "Nm³/h" | "kg/h";

/** The flow of a stream as it is counted: a liquid as it flows, a gas at normal state, both at once by their mass. */
function countedFlow(stream: Stream): { readonly rate: number; readonly basis: FlowBasis } {
  if (stream.kind === "liquid") return { rate: stream.flowM3h, basis: "m³/h" };
  if (stream.kind === "gas") return { rate: stream.flowNm3h, basis: "Nm³/h" };
  return { rate: stream.massKgH, basis: "kg/h" };
}

/** A trim over its stroke in the line the cases describe. */
export interface FlowStroke {
  readonly points: readonly StrokePoint[];
  readonly largest: {
    readonly name: string;
    readonly rate: number;
    readonly basis: FlowBasis;
    readonly massKgH: number;
  };
  readonly authority: number;
  /** False where the cases do not describe one line: pressures are then taken as constant. */
  readonly lineKnown: boolean;
  readonly noiseLimitDbA: number;
}

/**
 * Result of the selected trim over its stroke, in the line that the cases describe.
 *
 * @param candidate a proven candidate
 * @param duty settled duty
 * @param house noise limit
 * @returns installed and inherent flow, gain, pressures, cavitation, velocity and noise over the opening; null where
 *   nothing flows
 * @source `systemOf`, `installedCurve`, `figuresAt`
 */
export function flowStroke(
  { valve }: Pick<ProvenCandidate, "valve">,
  duty: SettledDuty,
  house: HouseRules,
): FlowStroke | null {
  const { trim, streams, pipes, wall, line } = flowOf(valve, duty, house);
  const system = systemOf({ streams, line });
  if (system === null) return null;
  const { stream } = system;
  const open = trim.kv;
  const curve = installedCurve(trim, system, pipes);
  const points = curve.map((p): StrokePoint => {
    const down = Math.min(p.upstreamBarA * (1 - 1e-9), Math.max(1e-3, p.downstreamBarA));
    const figures = figuresAt(
      trim,
      p.openingPercent,
      streamAt(stream, p.share, p.upstreamBarA, down),
      pipes,
      wall,
    );
    return {
      ...p,
      inherent: figures.at.kv / open,
      kv: figures.at.kv,
      ratio: figures.ratio,
      sigma: figures.cavitation?.sigma ?? null,
      heardFrom: figures.cavitation?.heardFrom ?? null,
      chokesFrom: figures.cavitation?.chokesFrom ?? null,
      boiling: figures.boiling,
      outletMS: figures.outletMS,
      mach: figures.mach,
      noiseDbA: figures.noiseDbA,
    };
  });
  const largest = streams.find((s) => s.stream === stream)!;
  return {
    points,
    largest: {
      name: largest.caseName,
      ...countedFlow(stream),
      massKgH: stream.massKgH,
    },
    authority: system.authority,
    lineKnown: system.known,
    noiseLimitDbA: house.noiseLimitDbA,
  };
}
