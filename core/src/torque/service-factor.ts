import type { SettledDuty } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";

export interface ServiceFactor {
  /** Base plus increments. */
  readonly total: number;
  readonly reasons: readonly { readonly why: string; readonly adds: number }[];
}

/**
 * The service factor a duty asks for: the house base plus named increments.
 *
 * @param duty settled duty
 * @param house base and increments
 * @returns total and its reasons, base first
 * @source house rules; increments add to the base and do not multiply
 */
export function serviceFactor(duty: SettledDuty, house: HouseRules): ServiceFactor {
  const reasons = [{ why: "base", adds: house.serviceFactor }];
  if (duty.function.has("emergency shut-down"))
    reasons.push({ why: "emergency", adds: house.emergencyIncrement });
  if (duty.function.has("throttling")) reasons.push({ why: "throttling", adds: house.throttlingIncrement });
  if (duty.cases.some((c) => c.kind !== "fire" && c.phase === "gas"))
    reasons.push({ why: "dry gas", adds: house.dryGasIncrement });
  if (duty.solidsPercent > 0) reasons.push({ why: "solids", adds: house.solidsIncrement });
  if (duty.strokesPerYear < 2) reasons.push({ why: "seldom moved", adds: house.seldomIncrement });
  return { total: reasons.reduce((sum, r) => sum + r.adds, 0), reasons };
}
