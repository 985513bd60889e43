import { coefficientFor } from "../../basis/calc/flow-fittings.ts";
import type { HouseRules } from "../../basis/house/house-rules.ts";
import { throttledIn } from "../../duty/settling/completeness.ts";
import type { SettledCase } from "../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { streamOf } from "../../duty/stream/stream.ts";
import type { Stream, StreamOfCase } from "../../duty/stream/stream-figures.ts";
import type { CharacteristicName } from "../../equipment/trims/characteristic.ts";
import { type TrimInBody, trimAt } from "../../equipment/trims/trim.ts";
import { type FlowFigures, figuresAt, type Wall } from "./figures.ts";
import { openDropBar } from "./open-drop.ts";
import { openingFor, type Standing } from "./opening-for.ts";
import { passingOf, streamAt } from "./passing.ts";
import type { Passing, Pipes } from "./pipes.ts";
import { type StatedLine, statedLine } from "./stated-line.ts";

/** A case in which something flows, or why nothing is known of it. */
export interface CaseStream {
  readonly caseId: string;
  readonly caseName: string;
  readonly reverse: boolean;
  /** As stated, in whatever unit; 0 where it is not. */
  readonly rate: number;
  /** Normal, largest or least: what it is sized for. */
  readonly sized: boolean;
  readonly phase: SettledCase["phase"];
  readonly stream: Stream | null;
  /** What trims pass of it; of no stream none. */
  readonly passing: Passing | null;
  readonly missing: string | null;
  readonly still: string | null;
}

/** A case that flows in a trim. */
export interface FlowOfCase {
  readonly caseId: string;
  readonly caseName: string;
  readonly reverse: boolean;
  readonly stream: Stream;
  /** Where it throttles; wide open where it only opens and shuts. */
  readonly standing: Standing;
  /** What the stream asks for at that opening's factors; more than the trim has where it is beyond capacity. */
  readonly kvNeeded: number;
  /** Pressure the valve takes of the stream, bar: the case's own where it throttles. */
  readonly dropBar: number;
  readonly figures: FlowFigures;
}

/** What a trim makes of every case that flows. */
export interface TrimInDuty {
  readonly trim: TrimInBody;
  readonly cases: readonly FlowOfCase[];
}

/** What surrounds the trims of one size in a duty. */
export interface FlowAround {
  readonly throttles: boolean;
  /** The fluid carries solids or fibres. */
  readonly dirty: boolean;
  readonly streams: readonly CaseStream[];
  readonly pipes: Pipes;
  readonly wall: Wall;
  readonly line: StatedLine;
  /** Characteristic asked for; null where none is. */
  readonly asked: CharacteristicName | null;
}

/** Wall of a pipe nobody states: on the thin side of standard weight, mm. */
const usualWallMm = (pipeMm: number): number => 2.5 + 0.035 * Math.min(pipeMm, 300);

/**
 * Whether a fluid carries what may clog a narrow way.
 *
 * @param duty settled duty
 * @returns true for solids and fibres
 * @source the duty
 */
export const carries = ({ stated: { fluid } }: SettledDuty): boolean =>
  (fluid.solidsPercent ?? 0) > 0 || fluid.fibres === true;

/** A valve that throttles a liquid has to know where it boils; one that stands open takes too little of its pressure. */
const boilsKnown = (of: StreamOfCase, throttles: boolean): StreamOfCase =>
  throttles && of.stream?.kind === "liquid" && !of.stream.vapourKnown
    ? { stream: null, missing: "the vapour pressure of the liquid" }
    : of;

/**
 * What flows through the valves of one size in a duty.
 *
 * @param size its nominal size
 * @param duty settled duty
 * @param house speed of sound, what lagging takes off the noise
 * @returns streams by case, sizes of valve and pipe, the pipe's wall
 * @source `streamOf`; a pipe nobody states is as wide as the valve
 */
export function flowAround(size: { readonly dn: number }, duty: SettledDuty, house: HouseRules): FlowAround {
  const pipeMm = Math.max(size.dn, duty.stated.pipeBoreMm ?? size.dn);
  const pipes = { valveMm: size.dn, pipeMm };
  const throttles = duty.function.has("throttling");
  return {
    throttles,
    dirty: carries(duty),
    pipes,
    line: statedLine(duty),
    asked: duty.stated.characteristic,
    wall: {
      wallMm: usualWallMm(pipeMm),
      lessDb: (duty.laggingMm ?? 0) > 0 ? house.laggingQuietsDb : 0,
    },
    streams: duty.cases.flatMap((c, i) => {
      if (c.kind === "fire") return [];
      const stated = duty.stated.cases[i]!;
      // One that does not state its flow is waited for, not left out.
      const unstated = throttles && stated.rate === null && throttledIn.has(c.kind);
      const of: StreamOfCase = unstated
        ? { stream: null, missing: "its flow" }
        : boilsKnown(streamOf(c, stated, duty, house, throttles), throttles);
      return {
        caseId: c.id,
        caseName: c.name,
        reverse: stated.flow === "reverse",
        rate: stated.rate ?? 0,
        sized: throttledIn.has(c.kind),
        phase: c.phase,
        stream: of.stream,
        passing: of.stream && passingOf(of.stream, pipes),
        missing: "missing" in of ? of.missing : null,
        still: "still" in of ? of.still : null,
      };
    }),
  };
}

/**
 * What a trim makes of the cases of a duty.
 *
 * @param trim in its body
 * @param around streams, sizes, whether it throttles
 * @returns opening, coefficient, pressures, velocities and noise of every case that flows
 * @source `openingFor` where it throttles, `openDropBar` where it stands open; `figuresAt`
 */
export function trimInDuty(trim: TrimInBody, { throttles, streams, pipes, wall }: FlowAround): TrimInDuty {
  const cases = streams.flatMap(({ stream, passing, caseId, caseName, reverse }): FlowOfCase[] => {
    if (stream === null || passing === null) return [];
    const standing = throttles ? openingFor(trim, passing) : open(trim, passing);
    const dropBar =
      throttles || standing.beyond !== null
        ? stream.upstreamBarA - stream.downstreamBarA
        : openDropBar(trim, stream, pipes);
    const taken = throttles
      ? stream
      : streamAt(stream, 1, stream.upstreamBarA, stream.upstreamBarA - dropBar);
    const { openingPercent } = standing;
    const figures = figuresAt(trim, openingPercent, taken, pipes, wall, throttles ? passing : undefined);
    let needed = throttles && standing.beyond === null ? figures.at.kv : null;
    return [
      {
        caseId,
        caseName,
        reverse,
        stream,
        standing,
        // Beyond its ends it is sought for, and only where somebody asks.
        get kvNeeded() {
          needed ??= neededAt(trim, standing, passing);
          return needed;
        },
        dropBar,
        figures,
      },
    ];
  });
  return { trim, cases };
}

/** Wide open, which may be too little. */
function open(trim: TrimInBody, passing: Passing): Standing {
  const enough = passing.share(trimAt(trim, 100)) >= 1 - 1e-9;
  return { openingPercent: 100, beyond: enough ? null : "above capacity" } as Standing;
}

/** Beyond any valve. */
const mostKv = 1e9;

/**
 * The coefficient a stream asks for with the factors the trim has there; where reducers of the size let no coefficient
 * pass it, in proportion to what the trim passes.
 */
function neededAt(trim: TrimInBody, { openingPercent }: Standing, passing: Passing): number {
  const at = trimAt(trim, openingPercent);
  const share = (kv: number) => passing.share({ ...at, kv });
  try {
    return Math.min(mostKv, coefficientFor(share, 1, at.kv));
  } catch {
    return Math.min(mostKv, at.kv / Math.max(1e-9, share(at.kv)));
  }
}
