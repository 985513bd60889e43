import { type HouseRules, houseRuleDefinitions } from "../../basis/house/house-rules.ts";
import { type SolenoidArrangement, solenoidArrangements } from "../../basis/vocabulary/utilities.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { fittingsOf } from "../../equipment/accessories/fittings.ts";
import type { AccessoryFamily } from "../../equipment/accessories/kinds.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import type { OnAir } from "../../mechanics/air/executions.ts";
import { type Solenoids, solenoids } from "../../mechanics/air/solenoids.ts";
import type { AirWay, ExecutionName } from "../../mechanics/air/ways.ts";
import { timed } from "../rules/drive/on-air.ts";
import { solenoidRates } from "../rules/drive/safety-level.ts";
import type { ProvenCandidate } from "./candidate.ts";
import { type FittingLine, fittingsPicture } from "./fittings-picture.ts";

const hoursPerMonth = 730;

/** Air consumption and stroking times of an actuator, for each arrangement of its air supply. */
export interface AirPicture {
  readonly sweptL: number;
  readonly perCycleL: number;
  /** Free air a year, m³; null where it is not stated how often it strokes. */
  readonly perYearM3: number | null;
  readonly executions: readonly {
    readonly name: ExecutionName;
    /** Flow coefficient of the valve that leads the air. */
    readonly valveCv: number;
    /** Accessories it needs from the shelf, with their price; none where the house rules' figures are used. */
    readonly items: readonly string[];
    readonly price: number | null;
    /** The arrangement the proof uses. */
    readonly led: boolean;
    readonly opening: number | null;
    readonly closing: number | null;
  }[];
  readonly asked: { readonly opening: number | null; readonly closing: number | null };
  readonly sprung: boolean;
  readonly springSideAir: HouseRules["springSideAir"];
  /** Accessories that stay on the actuator, for each air arrangement; none without springs. */
  readonly schools: readonly { readonly school: HouseRules["springSideAir"]; readonly price: number }[];
  /** Every arrangement of solenoid valves, for the proof-test interval of the duty. */
  readonly solenoids: readonly Solenoids[];
  readonly arrangement: SolenoidArrangement;
  readonly tube: { readonly boreMm: number; readonly lengthM: number };
  readonly testMonths: number;
  /** Accessories on the actuator, kind by kind. */
  readonly fittings: readonly FittingLine[];
}

/** Price of each air arrangement, where the shelf has both. */
function schoolsOf(
  drive: Drive,
  duty: SettledDuty,
  house: HouseRules,
  accessories: readonly AccessoryFamily[],
): AirPicture["schools"] {
  const schools = houseRuleDefinitions.springSideAir.options.map((school) => {
    const fittings = fittingsOf(accessories, { duty, house: { ...house, springSideAir: school } })(drive);
    const whole = fittings?.places.every(({ kind, fit }) => kind.byStroke || fit.length > 0) ?? false;
    const price = fittings?.standing.reduce((sum, fitted) => sum + fitted.price, 0) ?? 0;
    return { school, price, whole };
  });
  return schools.every(({ whole }) => whole) ? schools.map(({ school, price }) => ({ school, price })) : [];
}

/** Arrangements that are faster than every cheaper one, in either direction, and the one the proof uses. */
function worthReading({ ways, led, longest }: OnAir): AirWay[] {
  const best = { opening: Number.POSITIVE_INFINITY, closing: Number.POSITIVE_INFINITY };
  return ways.filter((way) => {
    let faster = false;
    for (const stroke of ["opening", "closing"] as const) {
      const seconds = longest(stroke, way) ?? Number.POSITIVE_INFINITY;
      if (seconds >= best[stroke]) continue;
      best[stroke] = seconds;
      faster = true;
    }
    return faster || way === led();
  });
}

/**
 * Air consumption and stroking times of a candidate.
 *
 * @param candidate valve, drive and demand
 * @param duty settled duty
 * @param house flow coefficients, tube, failure rates
 * @param accessories on the shelf
 * @returns times in s, air in dm³ and m³; null where the drive does not run on air, or the demand is not known
 * @source `onAir`, `solenoids`
 */
export function airPicture(
  { drive, demand, train, fitted }: Pick<ProvenCandidate, "drive" | "demand" | "train" | "fitted">,
  duty: SettledDuty,
  house: HouseRules,
  accessories: readonly AccessoryFamily[],
): AirPicture | null {
  const on = timed({ drive, demand, duty, house, fittings: train.fittings });
  if (!drive || !on) return null;
  const { strokesPerYear, closesWithinS, opensWithinS } = duty.stated;
  return {
    sweptL: on.sweptL,
    perCycleL: on.perCycleL,
    perYearM3: strokesPerYear === null ? null : (on.perCycleL * strokesPerYear) / 1000,
    executions: worthReading(on).map((way) => ({
      name: way.name,
      valveCv: way.valveCv,
      items: way.fitted.map(({ item, pieces }) => (pieces > 1 ? `${pieces} × ${item.id}` : item.id)),
      price: way.fitted.length > 0 ? way.price : null,
      led: way === on.led(),
      opening: on.longest("opening", way),
      closing: on.longest("closing", way),
    })),
    asked: { opening: opensWithinS, closing: closesWithinS },
    sprung: drive.springSet !== null,
    springSideAir: house.springSideAir,
    schools: drive.springSet === null ? [] : schoolsOf(drive, duty, house, accessories),
    solenoids: solenoidArrangements.map((arrangement) =>
      solenoids(arrangement, solenoidRates(house), duty.proofTestMonths * hoursPerMonth),
    ),
    arrangement: duty.solenoids,
    tube: { boreMm: house.airTubeBoreMm, lengthM: house.airTubeLengthM },
    testMonths: duty.proofTestMonths,
    fittings: fittingsPicture({ train, fitted }),
  };
}
