import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Stream } from "../../duty/stream/stream-figures.ts";
import { type FlowFigures, figuresAt } from "../../mechanics/flow/figures.ts";
import { installedCurve, systemOf } from "../../mechanics/flow/installed.ts";
import { streamAt } from "../../mechanics/flow/passing.ts";
import { flowOf } from "../../mechanics/flow/picked.ts";
import type { ProvenCandidate } from "./candidate.ts";

/** What a trim does in its line at an opening. */
export interface StrokePoint {
  readonly openingPercent: number;
  /** Of the largest case's flow, through the line and at the largest case's own pressures. */
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
  /** False where the cases describe no one line: pressures are taken not to move. */
  readonly lineKnown: boolean;
  readonly noiseLimitDbA: number;
}

/**
 * What the trim taken does over its stroke in the line the cases describe.
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
    const at = figuresAt(
      trim,
      p.openingPercent,
      streamAt(stream, p.share, p.upstreamBarA, down),
      pipes,
      wall,
    );
    return {
      ...p,
      inherent: at.at.kv / open,
      kv: at.at.kv,
      ratio: at.ratio,
      sigma: at.cavitation?.sigma ?? null,
      heardFrom: at.cavitation?.heardFrom ?? null,
      chokesFrom: at.cavitation?.chokesFrom ?? null,
      boiling: at.boiling,
      outletMS: at.outletMS,
      mach: at.mach,
      noiseDbA: at.noiseDbA,
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
