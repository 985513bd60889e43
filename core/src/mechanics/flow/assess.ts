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

/** A flowing case, or why it is not known. */
export interface CaseStream {
  readonly caseId: string;
  readonly caseName: string;
  readonly reverse: boolean;
  /** As stated, in any unit; 0 where not stated. */
  readonly rate: number;
  /** Sizing case: normal, largest or least. */
  readonly sized: boolean;
  readonly phase: SettledCase["phase"];
  readonly stream: Stream | null;
  /** Flow through trims; none without a stream. */
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
  /**
   * Coefficient the stream needs at the factors of that opening; more than the trim has where it is beyond capacity.
   */
  readonly kvNeeded: number;
  /** Pressure drop of the valve, bar: the case's own where it throttles. */
  readonly dropBar: number;
  readonly figures: FlowFigures;
}

/** Result of a trim in every case that flows. */
export interface TrimInDuty {
  readonly trim: TrimInBody;
  readonly cases: readonly FlowOfCase[];
}

/** Conditions for the trims of one size in a duty. */
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

/** Wall thickness of a pipe if not stated: the thin side of standard weight, mm. */
const usualWallMm = (pipeMm: number): number => 2.5 + 0.035 * Math.min(pipeMm, 300);

/**
 * Whether a fluid contains solids that may clog a narrow passage.
 *
 * @param duty settled duty
 * @returns true for solids and fibres
 * @source the duty
 */
export const carries = ({ stated: { fluid } }: SettledDuty): boolean =>
  (fluid.solidsPercent ?? 0) > 0 || fluid.fibres === true;

/** A valve that throttles a liquid needs its boiling point; an open one has too small a drop. */
const withBoilingStated = (stream: StreamOfCase, throttles: boolean): StreamOfCase =>
  throttles && stream.stream?.kind === "liquid" && !stream.stream.vapourKnown
    ? { stream: null, missing: "the vapour pressure of the liquid" }
    : stream;

/**
 * Flow through the valves of one size in a duty.
 *
 * @param size its nominal size
 * @param duty settled duty
 * @param house speed of sound, noise reduction of insulation
 * @returns streams by case, sizes of valve and pipe, the pipe's wall
 * @source `streamOf`; a pipe that is not stated counts as wide as the valve
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
      const stream: StreamOfCase = unstated
        ? { stream: null, missing: "its flow" }
        : withBoilingStated(streamOf(c, stated, duty, house, throttles), throttles);
      return {
        caseId: c.id,
        caseName: c.name,
        reverse: stated.flow === "reverse",
        rate: stated.rate ?? 0,
        sized: throttledIn.has(c.kind),
        phase: c.phase,
        stream: stream.stream,
        passing: stream.stream && passingOf(stream.stream, pipes),
        missing: "missing" in stream ? stream.missing : null,
        still: "still" in stream ? stream.still : null,
      };
    }),
  };
}

/**
 * Result of a trim in the cases of a duty.
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
    const actual = throttles
      ? stream
      : streamAt(stream, 1, stream.upstreamBarA, stream.upstreamBarA - dropBar);
    const { openingPercent } = standing;
    const figures = figuresAt(trim, openingPercent, actual, pipes, wall, throttles ? passing : undefined);
    let needed = throttles && standing.beyond === null ? figures.at.kv : null;
    return [
      {
        caseId,
        caseName,
        reverse,
        stream,
        standing,
        // Beyond its ends the coefficient is computed on first use.
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
 * The coefficient a stream needs with the factors of the trim there. Where reducers of the size let no coefficient pass
 * it, it is in proportion to the trim's flow.
 */
function neededAt(trim: TrimInBody, { openingPercent }: Standing, passing: Passing): number {
  const trimPoint = trimAt(trim, openingPercent);
  const share = (kv: number) => passing.share({ ...trimPoint, kv });
  try {
    return Math.min(mostKv, coefficientFor(share, 1, trimPoint.kv));
  } catch {
    return Math.min(mostKv, trimPoint.kv / Math.max(1e-9, share(trimPoint.kv)));
  }
}
