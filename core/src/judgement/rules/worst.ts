import type { SettledCase } from "../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { carriesFluid } from "../../duty/statement/case-kinds.ts";

const burns = (c: SettledCase) => c.kind === "fire";

function extreme(
  cases: readonly SettledCase[],
  property: (c: SettledCase) => number | null,
  graver: (a: number, b: number) => boolean,
): SettledCase | null {
  let worst: SettledCase | null = null;
  let maximum = 0;
  for (const c of cases) {
    const value = burns(c) ? null : property(c);
    if (value === null || (worst !== null && !graver(value, maximum))) continue;
    worst = c;
    maximum = value;
  }
  return worst;
}

const above = (a: number, b: number) => a > b;
const below = (a: number, b: number) => a < b;

/**
 * Highest pressure of any case but fire.
 *
 * @param duty settled duty
 * @returns bar g; null where no case states one
 * @source the duty
 */
export function worstPressure(duty: SettledDuty): number | null {
  return extreme(duty.cases, (c) => c.pressureBarG, above)?.pressureBarG ?? null;
}

/**
 * The case with the highest differential across the shut valve, the far side vented.
 *
 * @param duty settled duty
 * @returns the case; null where no shut case states a pressure
 * @source the duty
 */
export function worstClosed(duty: SettledDuty): SettledCase | null {
  return extreme(duty.shutCases, (c) => c.closedDifferentialBar, above);
}

/**
 * The hottest case but fire.
 *
 * @param duty settled duty
 * @returns the case; null where no case states a temperature
 * @source the duty
 */
export function hottest(duty: SettledDuty): SettledCase | null {
  return extreme(duty.cases, (c) => c.temperatureC, above);
}

/**
 * The hottest case in which the line holds the service fluid.
 *
 * @param duty settled duty
 * @returns the case; null where no such case states a temperature
 * @source the duty; steam-out and fire bring neither its chlorides nor its caustic
 */
export function hottestWithFluid(duty: SettledDuty): SettledCase | null {
  return extreme(duty.cases, (c) => (carriesFluid(c.kind) ? c.temperatureC : null), above);
}

/**
 * The coldest of some cases, a fire left out.
 *
 * @param cases settled cases
 * @returns the case; null where none states a temperature
 * @source the duty
 */
export function coldestOf(cases: readonly SettledCase[]): SettledCase | null {
  return extreme(cases, (c) => c.temperatureC, below);
}

/**
 * Phases the duty's cases run in.
 *
 * @param duty settled duty
 * @returns each phase once; none where no phase is stated
 * @source the duty
 */
export function flows(duty: SettledDuty): string[] {
  return [...new Set(duty.cases.flatMap((c) => (burns(c) || c.phase === null ? [] : [c.phase])))];
}
