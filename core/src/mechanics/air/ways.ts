import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SolenoidArrangement } from "../../basis/vocabulary/utilities.ts";
import { type Fitted, type Fittings, placeNamed } from "../../equipment/accessories/fittings.ts";
import { solenoidsOf } from "../../equipment/accessories/solenoid-arrangement.ts";
import { type Conductance, inSeries, ofCv, ofTube } from "./conductance.ts";

/** How air is led to a drive, the plainest first. */
export const executionNames = [
  "solenoid valve and tube",
  "with quick exhaust",
  "with volume booster",
] as const;
export type ExecutionName = (typeof executionNames)[number];

interface Way {
  readonly inlet: Conductance;
  readonly outlet: Conductance;
}

/** One air arrangement: its flow, and the accessories it needs. */
export interface AirWay extends Way {
  readonly name: ExecutionName;
  /** Flow coefficient of the valve that leads the air. */
  readonly valveCv: number;
  /** Accessories besides the permanent ones; none where the shelf has none and the house rules' figures are used. */
  readonly fitted: readonly Fitted[];
  readonly price: number;
}

/** Flow of an item, or the house rules' figure for one. */
interface Part {
  readonly cv: number;
  readonly fitted: Fitted | null;
}

/** Kinds the air passes through. */
type Passed = "filter-regulator" | "solenoid valve" | "positioner" | "quick exhaust" | "volume booster";

/**
 * Items of a kind worth trying: each with more flow than every cheaper one; the house rules' figure where there are
 * none.
 */
function worthTrying(fittings: Fittings | null, kind: Passed, houseCv: number | null): Part[] {
  const place = placeNamed(fittings, kind);
  const tried: Part[] = [];
  for (const fitted of place?.fit ?? [])
    if (tried.length === 0 || fitted.item.cv > tried.at(-1)!.cv)
      tried.push({ cv: fitted.item.cv, fitted: fitted });
  // Where the shelf has items and none fits, the house rules' figure is the most that is assumed for them.
  return tried.length > 0 || houseCv === null ? tried : [{ cv: houseCv, fitted: null }];
}

/**
 * Ways to lead air to a drive.
 *
 * @param fittings accessories of the shelf; null for none
 * @param arrangement of its solenoid valves
 * @param house flow coefficients where the shelf has nothing, and the tube
 * @returns ways, the cheapest first
 * @source ISO 6358 in series: filter-regulator, valves one after the other, tube; at the drive's port a quick exhaust or
 *   a booster instead
 */
export function airWays(
  fittings: Fittings | null,
  arrangement: SolenoidArrangement,
  house: HouseRules,
): readonly AirWay[] {
  const tube = house.airTubeLengthM > 0 ? [ofTube(house.airTubeBoreMm, house.airTubeLengthM)] : [];
  const wants = (kind: Passed) => placeNamed(fittings, kind) !== null;
  const positioner = wants("positioner") ? worthTrying(fittings, "positioner", house.solenoidCv)[0]! : null;
  const valves: readonly Part[] =
    wants("solenoid valve") || positioner === null
      ? worthTrying(fittings, "solenoid valve", house.solenoidCv)
      : [positioner];
  const regulators = worthTrying(fittings, "filter-regulator", house.regulatorCv);
  const onShelf = fittings !== null;
  const exhausts = worthTrying(fittings, "quick exhaust", onShelf ? null : house.quickExhaustCv);
  const boosters = worthTrying(fittings, "volume booster", onShelf ? null : house.boosterCv);
  const { inlet: into, outlet: out } = solenoidsOf[arrangement];
  const ways = valves.flatMap((valve): AirWay[] => {
    const regulator = regulators.find(({ cv }) => cv >= valve.cv) ?? regulators.at(-1)!;
    const times = (n: number) => Array.from({ length: n }, () => ofCv(valve.cv));
    const also = positioner === null || positioner === valve ? [] : [ofCv(positioner.cv)];
    const plain: Way = {
      inlet: inSeries([ofCv(regulator.cv), ...times(into), ...also, ...tube]),
      outlet: inSeries([...tube, ...also, ...times(out)]),
    };
    const wayNamed = (name: ExecutionName, way: Way, more: Part | null): AirWay => {
      const fitted = [regulator, valve, ...(more ? [more] : [])].flatMap((part) => part.fitted ?? []);
      return {
        name,
        valveCv: valve.cv,
        ...way,
        fitted,
        price: fitted.reduce((sum, fitted) => sum + fitted.price, 0),
      };
    };
    return [
      wayNamed("solenoid valve and tube", plain, null),
      ...exhausts.map((exhaust) =>
        wayNamed("with quick exhaust", { ...plain, outlet: ofCv(exhaust.cv) }, exhaust),
      ),
      ...boosters.map((booster) =>
        wayNamed("with volume booster", { inlet: ofCv(booster.cv), outlet: ofCv(booster.cv) }, booster),
      ),
    ];
  });
  return ways.sort((a, b) => a.price - b.price);
}
