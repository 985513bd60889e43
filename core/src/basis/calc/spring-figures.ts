import { CalculationError } from "./calculation.ts";

/** A spring given by two figures, or no spring. */
export interface SpringInput {
  readonly springPreloadN?: number | undefined;
  readonly springRateNPerMm?: number | undefined;
}

/**
 * The spring of a drive.
 *
 * @param input preload, N, and rate, N/mm; both or neither
 * @returns both, or null where there is none
 * @throws CalculationError `spring-incomplete` when only one is given
 * @source a spring is a line: preload and rate
 * @example springOf({}) // → null
 */
export function springOf({
  springPreloadN,
  springRateNPerMm,
}: SpringInput): { readonly preloadN: number; readonly rateNPerMm: number } | null {
  if (springPreloadN === undefined && springRateNPerMm === undefined) return null;
  if (springPreloadN === undefined || springRateNPerMm === undefined) {
    const missing = springPreloadN === undefined ? "springPreloadN" : "springRateNPerMm";
    throw new CalculationError(
      "spring-incomplete",
      `A spring needs preload and rate. ${missing} is missing.`,
      missing,
    );
  }
  return { preloadN: springPreloadN, rateNPerMm: springRateNPerMm };
}
