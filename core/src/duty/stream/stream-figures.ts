import { CalculationError } from "../../basis/calc/calculation.ts";
import { steamProperties } from "../../basis/calc/steam-properties.ts";
import type { Unit } from "../../basis/units/unit.ts";
import type { SettledCase } from "../settling/settled-case.ts";
import type { SettledDuty } from "../settling/settled-duty.ts";
import type { OperatingCase } from "../statement/case.ts";

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

/** Liquid and vapour flowing together: every flow value is an estimate. */
export interface TwoPhaseStream extends Flowing {
  readonly kind: "two-phase";
  /** Each with its own share of the mass. */
  readonly liquid: LiquidStream;
  readonly gas: GasStream;
  /** Mass fraction, between 0 and 1. */
  readonly vapourShare: number;
  /** The same behind the valve, flashing included. */
  readonly behindShare: number;
}

export type Stream = LiquidStream | GasStream | TwoPhaseStream;

/** Flow of a case; nothing where no flow is stated or nothing drives it; or the missing value. */
export type StreamOfCase =
  | { readonly stream: Stream }
  | { readonly stream: null; readonly missing: string }
  | { readonly stream: null; readonly still: string };

/**
 * A case of which something is missing.
 *
 * @param what name for a reader
 * @returns no stream
 */
export const missing = (what: string): StreamOfCase => ({ stream: null, missing: what });

/** Upstream state, for any stream. */
export interface State {
  readonly c: SettledCase;
  readonly stated: OperatingCase;
  readonly duty: SettledDuty;
  readonly upstreamBarA: number;
  readonly downstreamBarA: number;
  readonly temperatureC: number;
  readonly throttles: boolean;
}

/** Collects the properties of a stream. */
export class Figures {
  readonly list: StreamFigure[] = [];
  /** The stated value, else the other; null where there is none. */
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
export const waterAt = (barA: number, temperatureC: number) =>
  whereDescribed(() => steamProperties({ pressureBarA: barA, temperatureC }));

/**
 * Where water boils.
 *
 * @param barA bar a
 * @returns °C; null close to the critical point and outside the release's ranges
 * @source `steamProperties`
 */
export const boilingC = (barA: number): number | null =>
  whereDescribed(() => steamProperties({ pressureBarA: barA }).saturationTemperatureC);

const apartK = 0.001;

/**
 * Water and its steam side by side.
 *
 * @param barA bar a
 * @returns enthalpy of either, kJ/kg; null where they are not described
 * @source `steamProperties` a thousandth of a kelvin either side of where it boils
 */
export function saturatedWater(
  barA: number,
): { readonly liquidKJKg: number; readonly vapourKJKg: number } | null {
  const boils = boilingC(barA);
  const [liquid, vapour] =
    boils === null ? [] : [waterAt(barA, boils - apartK), waterAt(barA, boils + apartK)];
  return liquid && vapour ? { liquidKJKg: liquid.enthalpyKJKg, vapourKJKg: vapour.enthalpyKJKg } : null;
}

function whereDescribed<T>(look: () => T): T | null {
  try {
    return look();
  } catch (error) {
    if (error instanceof CalculationError) return null;
    throw error;
  }
}
