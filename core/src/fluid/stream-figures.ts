import { CalculationError } from "../calc/calculation.ts";
import { steamProperties } from "../calc/steam-properties.ts";
import type { OperatingCase } from "../duty/case.ts";
import type { SettledCase, SettledDuty } from "../duty/settle.ts";
import type { Unit } from "../units/unit.ts";

/** A figure of a stream and where it came from. */
export interface StreamFigure {
  readonly what: string;
  readonly value: number;
  readonly unit: Unit;
  readonly origin: "entered" | "assumed" | "estimate" | "reference" | "house rule";
}

interface Flowing {
  readonly upstreamBarA: number;
  readonly downstreamBarA: number;
  readonly temperatureC: number;
  readonly massKgH: number;
  readonly densityKgM3: number;
  readonly viscosityPaS: number;
  readonly soundMS: number;
  readonly figures: readonly StreamFigure[];
}

/** A liquid that flows in a case. */
export interface LiquidStream extends Flowing {
  readonly kind: "liquid";
  readonly flowM3h: number;
  /** 0 where it is not known. */
  readonly vapourBarA: number;
  readonly vapourKnown: boolean;
  readonly criticalBarA: number;
}

/** A gas, a vapour or steam that flows in a case. */
export interface GasStream extends Flowing {
  readonly kind: "gas";
  readonly flowNm3h: number;
  readonly molarMassKgKmol: number;
  readonly compressibility: number;
  readonly isentropicExponent: number;
}

export type Stream = LiquidStream | GasStream;

/** What flows in a case; nothing where none is stated or nothing drives it, or what is not known of it. */
export type StreamOfCase =
  | { readonly stream: Stream }
  | { readonly stream: null; readonly missing: string }
  | { readonly stream: null; readonly still: string };

/**
 * A case of which something is missing.
 *
 * @param what as a person would name it
 * @returns no stream
 */
export const missing = (what: string): StreamOfCase => ({ stream: null, missing: what });

/** What is known of the state upstream, whatever flows. */
export interface State {
  readonly c: SettledCase;
  readonly stated: OperatingCase;
  readonly duty: SettledDuty;
  readonly upstreamBarA: number;
  readonly downstreamBarA: number;
  readonly temperatureC: number;
  readonly throttles: boolean;
}

/** Gathers what a stream is reckoned with. */
export class Figures {
  readonly list: StreamFigure[] = [];
  /** The stated figure, else another; null where there is none. */
  take(
    what: string,
    unit: Unit,
    ...from: readonly (readonly [number | null | undefined, StreamFigure["origin"]])[]
  ) {
    for (const [value, origin] of from)
      if (value !== null && value !== undefined) {
        this.list.push({ what, value, unit, origin });
        return value;
      }
    return null;
  }
}

/**
 * Water or steam, where it is described.
 *
 * @param barA bar a
 * @param temperatureC °C
 * @returns its properties; null close to the critical point and outside the release's ranges
 * @source `steamProperties`
 */
export const waterAt = (barA: number, temperatureC: number) => {
  try {
    return steamProperties({ pressureBarA: barA, temperatureC });
  } catch (error) {
    if (error instanceof CalculationError) return null;
    throw error;
  }
};
