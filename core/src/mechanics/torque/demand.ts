import type { HouseRules } from "../../basis/house/house-rules.ts";
import { profileThrough } from "../../basis/stroke/named-points.ts";
import { angles, covering, type Profile, peakOf, scaled, together } from "../../basis/stroke/profile.ts";
import type { Place } from "../../basis/stroke/weakest.ts";
import type { SettledCase } from "../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { ProductLine } from "../../equipment/catalogue/schema.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { type FlowTorque, flowTorque } from "./dynamic.ts";
import { type ServiceFactor, serviceFactor } from "./service-factor.ts";

export interface CaseDemand {
  readonly caseId: string;
  readonly caseName: string;
  /** Differential the shut valve is opened against; 0 in a case it is not shut in. */
  readonly differentialBar: number | null;
  /** Null where the differential is unknown or beyond the maker's table. */
  readonly profile: Profile | null;
  /** Torque added by flow, included in the profile; null without flow. */
  readonly flow: FlowTorque | null;
}

/** A case whose demand is known. */
type KnownDemand = CaseDemand & { readonly profile: Profile };

/** Torque demand of a valve, case by case. */
export interface TorqueDemand {
  readonly basis: HouseRules["sizingBasis"];
  readonly factor: ServiceFactor;
  /** Factor on the table: the part of the total that the maker has not included. */
  readonly appliedFactor: number;
  /** Growth of the breakaway torque over the longest time shut, 1 for none. */
  readonly growth: number;
  readonly tableEndsAtBar: number;
  readonly byCase: readonly CaseDemand[];
  /** Envelope of the known cases at every angle, null when none is known: an actuator that covers it covers each. */
  readonly covering: Profile | null;
  /** Its greatest torque, N·m. */
  readonly mostNm: number | null;
  /** Set when some case's demand is not known. */
  readonly unknown: { readonly caseName: string; readonly why: "differential" | "beyond table" } | null;
}

/**
 * Break-to-open torque of a maker's table at a differential, linear between columns.
 *
 * @param differentials rising, bar; at least two
 * @param torques N·m, one per differential
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

type Turned = Pick<SettledCase, "id" | "name" | "turnedAgainstBar">;

/** Shares of a line's stroke by its growth: a few seats and times shut for thousands of demands. */
const shares = new WeakMap<ProductLine["stroke"], Map<number, Profile>>();
const sharesKept = 50;

/** A line's torques as shares of its table; time shut increases breakaway torque only. */
function sharesOver(stroke: ProductLine["stroke"], growth: number): Profile {
  const ofLine = shares.get(stroke) ?? new Map<number, Profile>();
  shares.set(stroke, ofLine);
  let share = ofLine.get(growth);
  if (share === undefined) {
    share = profileThrough({
      breakToOpenNm: growth,
      runToOpenNm: stroke.runToOpen,
      endToOpenNm: stroke.endToOpen,
      breakToCloseNm: stroke.breakToClose,
      runToCloseNm: stroke.runToClose,
      endToCloseNm: stroke.endToClose,
    });
    if (ofLine.size === sharesKept) ofLine.clear();
    ofLine.set(growth, share);
  }
  return share;
}

/**
 * Torque demand of a valve in a duty.
 *
 * @param valve a valve of the catalogue
 * @param duty settled duty; a case in which the valve is never shut is turned without differential, and a fire
 *   governs no torque
 * @param house sizing basis and service factors
 * @param factor the duty's service factor, where the caller has it at hand for many valves
 * @returns torque demand over the stroke for each case and for all together
 * @source maker's table × the line's shares at its named points; break torque × growth with time closed; with what
 *   flow adds on either stroke
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

  const share = sharesOver(stroke, growth);
  const ofCase = ({ id, name, turnedAgainstBar }: Turned, c: SettledCase | null): CaseDemand => {
    const table = turnedAgainstBar === null ? null : tableTorque(columns, row, turnedAgainstBar);
    const flow = table === null ? null : flowTorque(valve, c, turnedAgainstBar!, duty, house);
    const still = table === null ? null : scaled(share, table);
    return {
      caseId: id,
      caseName: name,
      differentialBar: turnedAgainstBar,
      profile: still && flow ? together(still, flow) : still,
      flow,
    };
  };
  const byCase: CaseDemand[] =
    house.sizingBasis === "rated"
      ? [ofCase({ id: "rated", name: "rated differential", turnedAgainstBar: end }, null)]
      : duty.cases.filter((c) => c.kind !== "fire").map((c) => ofCase(c, c));

  const known = byCase.filter((caseDemand): caseDemand is KnownDemand => caseDemand.profile !== null);
  const beyond = byCase.find(({ profile }) => profile === null);
  const covered = known.length === 0 ? null : covering(known.map(({ profile }) => profile));
  return {
    basis: house.sizingBasis,
    factor,
    appliedFactor: Math.max(1, factor.total / valve.line.torqueIncludesFactor),
    growth,
    tableEndsAtBar: end,
    byCase,
    covering: covered,
    mostNm: covered && peakOf(covered),
    unknown: beyond
      ? { caseName: beyond.caseName, why: beyond.differentialBar === null ? "differential" : "beyond table" }
      : null,
  };
}

/** Where break torque is read. */
export const breaking: Place = { stroke: "opening", degrees: 0 };

/**
 * The case that asks for most at a place of the stroke.
 *
 * @param demand of a valve in a duty; at least one case is known
 * @param place stroke and degrees from shut
 * @returns the first known case with the greatest torque there
 */
export function hardestAt(demand: TorqueDemand, { stroke, degrees }: Place): KnownDemand {
  const index = angles.indexOf(degrees);
  return demand.byCase
    .filter((caseDemand): caseDemand is KnownDemand => caseDemand.profile !== null)
    .reduce((previous, knownDemand) =>
      knownDemand.profile[stroke][index]! > previous.profile[stroke][index]! ? knownDemand : previous,
    );
}
