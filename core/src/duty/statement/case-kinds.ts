import { type CaseKind, caseKinds } from "../fields/words.ts";
import type { OperatingCase } from "./case.ts";
import type { Duty } from "./duty.ts";

/** Meaning of a kind of case, and how a new one starts. */
export interface CaseKindDescription {
  readonly kind: CaseKind;
  readonly means: string;
  /** A passing case: a seat may go to its excursion maximum in it. */
  readonly passing: boolean;
  /** False where the line holds something else than the service fluid. */
  readonly carriesFluid: boolean;
  readonly start: (duty: Duty) => Partial<OperatingCase>;
}

const highest = (duty: Duty) =>
  duty.cases
    .filter((c) => c.upstreamBarG !== null && c.kind !== "fire")
    .reduce<OperatingCase | null>(
      (top, c) => (top === null || c.upstreamBarG! > top.upstreamBarG! ? c : top),
      null,
    );
const normal = (duty: Duty) => duty.cases.find((c) => c.kind === "normal") ?? null;

const described: Record<CaseKind, Omit<CaseKindDescription, "kind">> = {
  normal: {
    means: "Normal operation of the line.",
    passing: false,
    carriesFluid: true,
    start: () => ({}),
  },
  maximum: {
    means: "Highest pressure and temperature of continuous operation.",
    passing: false,
    carriesFluid: true,
    start: (duty) => ({ temperatureC: normal(duty)?.temperatureC ?? null }),
  },
  minimum: {
    means: "Lowest pressure: pressure-energised seats leak first here.",
    passing: false,
    carriesFluid: true,
    start: (duty) => ({ temperatureC: normal(duty)?.temperatureC ?? null }),
  },
  "start-up": {
    means: "Pressure while the metal is still cold.",
    passing: true,
    carriesFluid: true,
    start: (duty) => ({
      upstreamBarG: normal(duty)?.upstreamBarG ?? null,
      temperatureC: duty.ambientMinimumC,
    }),
  },
  "shut-off differential": {
    means: "Highest differential pressure with the valve closed and the downstream side vented.",
    passing: false,
    carriesFluid: true,
    start: (duty) => ({
      upstreamBarG: highest(duty)?.upstreamBarG ?? null,
      downstreamBarG: 0,
      temperatureC: highest(duty)?.temperatureC ?? null,
    }),
  },
  "steam-out": {
    means: "Low-pressure steam to clean the line, with the valve open.",
    passing: true,
    carriesFluid: false,
    start: () => ({
      upstreamBarG: 3.5,
      downstreamBarG: 3.5,
      temperatureC: 148,
      mayBeShut: false,
      phase: "steam",
    }),
  },
  "blow-down": {
    means: "Depressurisation within minutes: gas cools, and elastomers release absorbed gas.",
    passing: true,
    carriesFluid: true,
    start: (duty) => ({ upstreamBarG: highest(duty)?.upstreamBarG ?? null, downstreamBarG: 0 }),
  },
  upset: {
    means: "A relief valve opens or a control fails: rare, but the body must withstand it.",
    passing: true,
    carriesFluid: true,
    start: (duty) => ({
      upstreamBarG: highest(duty)?.upstreamBarG ?? null,
      temperatureC: highest(duty)?.temperatureC ?? null,
    }),
  },
  "cold soak": {
    means: "Idle line at the lowest temperature of ambient or fluid.",
    passing: false,
    carriesFluid: true,
    start: (duty) => ({ upstreamBarG: 0, downstreamBarG: 0, temperatureC: duty.ambientMinimumC }),
  },
  fire: {
    means: "Valve in a fire: needs a fire type test; limits of pressure and temperature do not apply.",
    passing: true,
    carriesFluid: false,
    start: (duty) => ({
      upstreamBarG: highest(duty)?.upstreamBarG ?? null,
      downstreamBarG: 0,
      temperatureC: 760,
    }),
  },
};

/** Every kind of case in the order people list them. */
export const caseKindDescriptions: readonly CaseKindDescription[] = caseKinds.map((kind) => ({
  kind,
  ...described[kind],
}));

/**
 * Whether a kind of case passes quickly enough for a seat's excursion maximum to count.
 *
 * @param kind kind of case
 * @returns true for start-up, steam-out, blow-down, upset and fire
 * @source house convention
 * @example isPassing("steam-out") // → true
 */
export function isPassing(kind: CaseKind): boolean {
  return described[kind].passing;
}

/**
 * Whether the line holds the service fluid in a kind of case.
 *
 * @param kind kind of case
 * @returns false for steam-out and fire: steam brings neither the acid nor its chlorides
 * @source house convention
 * @example carriesFluid("steam-out") // → false
 */
export function carriesFluid(kind: CaseKind): boolean {
  return described[kind].carriesFluid;
}

/**
 * A new case of a kind, started from values of the duty.
 *
 * @param kind kind of case
 * @param duty the duty it is added to: its other cases and ambient give the start
 * @param id id for the case, unique in the duty
 * @returns the case with the kind's own defaults; null where nothing may be presumed
 * @source usual practice for each kind; every figure is there to be corrected
 * @example newCase("steam-out", emptyDuty, "c1").temperatureC // → 148
 */
export function newCase(kind: CaseKind, duty: Duty, id: string): OperatingCase {
  return {
    id,
    kind,
    name: kind,
    upstreamBarG: null,
    downstreamBarG: null,
    temperatureC: null,
    flow: "forward",
    mayBeShut: true,
    moved: null,
    phase: null,
    rate: null,
    rateBasis: "m³/h",
    vapourPercent: null,
    ...described[kind].start(duty),
  };
}
