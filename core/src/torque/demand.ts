import type { Demand } from "../calc/actuator-margin.ts";
import type { Valve } from "../catalogue/valve.ts";
import type { SettledCase, SettledDuty } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import { type ServiceFactor, serviceFactor } from "./service-factor.ts";

export interface CaseDemand {
  readonly caseId: string;
  readonly caseName: string;
  /** Differential the shut valve is opened against; 0 in a case it is not shut in. */
  readonly differentialBar: number | null;
  /** Null where the differential is unknown or lies beyond the maker's table. */
  readonly demand: Demand | null;
}

/** What it takes to turn a valve, case by case. */
export interface TorqueDemand {
  readonly basis: HouseRules["sizingBasis"];
  readonly factor: ServiceFactor;
  /** Factor put on top of the table: the part of the total the maker has not put in already. */
  readonly appliedFactor: number;
  /** Growth of break torque over the longest time shut, 1 when none. */
  readonly growth: number;
  readonly tableEndsAtBar: number;
  readonly byCase: readonly CaseDemand[];
  /** The hardest case that is known, null when none is. */
  readonly hardest: (CaseDemand & { demand: Demand }) | null;
  /** Set when some case's demand is not known. */
  readonly unknown: { readonly caseName: string; readonly why: "differential" | "beyond table" } | null;
}

/**
 * Break-to-open torque of a maker's table at a differential, linear between columns.
 *
 * @param differentials rising, bar; at least two
 * @param torques N·m, one for each differential
 * @param differentialBar bar ≥ 0
 * @returns N·m; below the first column the first, beyond the last null: never extrapolated
 * @source maker's torque table
 * @example tableTorque([0, 10], [5, 15], 4) // → 9
 */
export function tableTorque(
  differentials: readonly number[],
  torques: readonly number[],
  differentialBar: number,
): number | null {
  const last = differentials.length - 1;
  if (differentialBar > differentials[last]!) return null;
  if (differentialBar <= differentials[0]!) return torques[0]!;
  let i = 1;
  while (differentials[i]! < differentialBar) i++;
  const from = differentials[i - 1]!;
  return (
    torques[i - 1]! +
    ((torques[i]! - torques[i - 1]!) * (differentialBar - from)) / (differentials[i]! - from)
  );
}

/**
 * Factor by which break torque grows while a valve stays shut.
 *
 * @param perDecade growth for each tenfold of days, 0–1
 * @param days days shut, ≥ 0
 * @returns 1 + g·log₁₀(1 + days)
 * @source indicative, reference/seat-materials.csv
 * @example breakGrowth(0.25, 9) // → 1.25
 */
export function breakGrowth(perDecade: number, days: number): number {
  return 1 + perDecade * Math.log10(1 + days);
}

/**
 * Growth of break torque for a valve of the catalogue.
 *
 * @param valve seat, grooves and cavity arrangement decide
 * @param days days shut, ≥ 0
 * @returns factor ≥ 1; equalising grooves or a relieving seat remove half of the growth
 * @source break torque × (1 + g·log₁₀(1 + days)); practice for grooves
 */
export function seatGrowth(valve: Valve, days: number): number {
  const eased =
    valve.seat.material.kind === "polymer" &&
    (valve.line.equalisingGrooves || (valve.construction.holdsCavity && !valve.cavity.trapsLiquid));
  const growth = breakGrowth(valve.seat.material.breakGrowthPerDecade, days);
  return eased ? 1 + (growth - 1) / 2 : growth;
}

/**
 * Torque demand of a valve in a duty.
 *
 * @param valve a valve of the catalogue
 * @param duty settled duty; a case in which the valve is never shut is turned without differential, and a fire
 *   governs no torque
 * @param house sizing basis and service factors
 * @param factor the duty's service factor, where the caller has it at hand for many valves
 * @returns demand for each case and for the hardest; fractions of the line give the other points
 * @source maker's table × growth of break torque with time closed
 */
export function torqueDemand(
  valve: Valve,
  duty: SettledDuty,
  house: HouseRules,
  factor: ServiceFactor = serviceFactor(duty, house),
): TorqueDemand {
  const { differentialBar: columns, breakToOpenNm } = valve.size.torque;
  const row = breakToOpenNm[valve.seat.material.id]!;
  const end = columns.at(-1)!;
  const growth = seatGrowth(valve, duty.longestShutDays);
  const { stroke } = valve.line;

  const demandAt = (differentialBar: number): Demand | null => {
    const table = tableTorque(columns, row, differentialBar);
    if (table === null) return null;
    return {
      breakToOpenNm: table * growth,
      runToOpenNm: table * stroke.runToOpen,
      endToOpenNm: table * stroke.endToOpen,
      breakToCloseNm: table * stroke.breakToClose,
      runToCloseNm: table * stroke.runToClose,
      endToCloseNm: table * stroke.endToClose,
    };
  };
  const ofCase = (c: SettledCase): CaseDemand => {
    const differential = c.turnedAgainstBar;
    return {
      caseId: c.id,
      caseName: c.name,
      differentialBar: differential,
      demand: differential === null ? null : demandAt(differential),
    };
  };
  const byCase: CaseDemand[] =
    house.sizingBasis === "rated"
      ? [{ caseId: "rated", caseName: "rated differential", differentialBar: end, demand: demandAt(end) }]
      : duty.cases.filter((c) => c.kind !== "fire").map(ofCase);

  let hardest: TorqueDemand["hardest"] = null;
  let unknown: TorqueDemand["unknown"] = null;
  for (const one of byCase) {
    if (one.demand === null) {
      unknown ??= {
        caseName: one.caseName,
        why: one.differentialBar === null ? "differential" : "beyond table",
      };
    } else if (hardest === null || one.demand.breakToOpenNm > hardest.demand.breakToOpenNm) {
      hardest = { ...one, demand: one.demand };
    }
  }
  return {
    basis: house.sizingBasis,
    factor,
    appliedFactor: Math.max(1, factor.total / valve.line.torqueIncludesFactor),
    growth,
    tableEndsAtBar: end,
    byCase,
    hardest,
    unknown,
  };
}
