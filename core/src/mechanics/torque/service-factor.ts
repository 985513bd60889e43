import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { FactorReason } from "../../duty/fields/words.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";

interface Reason {
  readonly why: "base" | FactorReason;
  readonly adds: number;
}

export interface ServiceFactor {
  /** Base plus increments. */
  readonly total: number;
  readonly reasons: readonly Reason[];
  /** Reasons that apply and were set aside with a written reason. */
  readonly setAside: readonly Reason[];
}

/**
 * The service factor a duty asks for: the house base plus named increments.
 *
 * @param duty settled duty
 * @param house base and increments
 * @returns total and its reasons, base first; reasons set aside add nothing, which needs a written reason
 * @source house rules; increments add to the base and do not multiply
 */
export function serviceFactor(duty: SettledDuty, house: HouseRules): ServiceFactor {
  const temperatures = duty.cases.flatMap((c) =>
    c.kind === "fire" || c.temperatureC === null ? [] : [c.temperatureC],
  );
  const applies: readonly (readonly [FactorReason, boolean, number])[] = [
    ["emergency", duty.function.has("emergency shut-down"), house.emergencyIncrement],
    ["throttling", duty.function.has("throttling"), house.throttlingIncrement],
    ["dry gas", duty.cases.some((c) => c.kind !== "fire" && c.phase === "gas"), house.dryGasIncrement],
    ["solids", duty.solidsPercent > 0, house.solidsIncrement],
    ["seldom moved", duty.strokesPerYear < 2, house.seldomIncrement],
    ["cold", temperatures.some((t) => t < house.coldBelowC), house.coldIncrement],
    ["heat", temperatures.some((t) => t > house.heatAboveC), house.heatIncrement],
    [
      "fluid that sets",
      duty.hazards.has("polymerises") || duty.hazards.has("crystallises"),
      house.settingIncrement,
    ],
  ];
  const aside = new Set<FactorReason>(
    (duty.stated.factorSetAsideBecause ?? "").trim() === "" ? [] : (duty.stated.factorSetAside ?? []),
  );
  const found = applies.flatMap(([why, does, adds]): (Reason & { why: FactorReason })[] =>
    does ? [{ why, adds }] : [],
  );
  const reasons: Reason[] = [
    { why: "base", adds: house.serviceFactor },
    ...found.filter(({ why }) => !aside.has(why)),
  ];
  return {
    total: reasons.reduce((sum, r) => sum + r.adds, 0),
    reasons,
    setAside: found.filter(({ why }) => aside.has(why)),
  };
}
