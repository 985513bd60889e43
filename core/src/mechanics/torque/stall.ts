import { seeded } from "../../basis/calc/seeded.ts";
import type { HouseRules } from "../../basis/house/house-rules.ts";
import { angles, type Profile, strokes } from "../../basis/stroke/profile.ts";
import type { Place } from "../../basis/stroke/weakest.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { kindOf } from "../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import { type TorqueDemand, torqueDemand } from "./demand.ts";

/** Something that scatters, in its own unit. */
export interface Scatter {
  readonly what: string;
  readonly unit: "" | "bar g";
  readonly low: number;
  readonly design: number;
  readonly high: number;
}

/** Chance that a drive does not carry a valve over both strokes: an estimate, no better than its spreads. */
export interface StallChance {
  readonly trials: number;
  readonly probability: number;
  readonly standardError: number;
  /** Where most of the stalled trials stalled first; null where none did. */
  readonly place: Place | null;
  /**
   * The inputs that matter most: output over demand at the weakest point, with one input at either end of its spread.
   */
  readonly inputs: readonly (Scatter & { readonly atLow: number; readonly atHigh: number })[];
  /** Output over demand, where it is least, with every input as designed. */
  readonly asDesigned: number;
}

/** One stroke of numbers that are walked through a hundred thousand times. */
const flat = ({ opening, closing }: Profile): Float64Array => Float64Array.from([...opening, ...closing]);

/** Values of a trial: torques at every angle of both strokes for a unit of each input. */
interface Parts {
  /** Per bar of supply. */
  readonly perBar: Float64Array;
  /** Without supply: springs drive and oppose. */
  readonly springs: Float64Array;
  /** Just cycled, and the greatest addition from time shut. */
  readonly cycled: Float64Array;
  readonly grown: Float64Array;
}

/** A draw of a triangle by the inverse of its distribution. */
function triangular({ low, design, high }: Scatter, u: number): number {
  const width = high - low;
  if (width === 0) return design;
  const turn = (design - low) / width;
  return u < turn
    ? low + Math.sqrt(u * width * (design - low))
    : high - Math.sqrt((1 - u) * width * (high - design));
}

/** First angle at which a trial stalls, in the order of the stroke; −1 where it turns. */
function stallsAt(parts: Parts, bar: number, spring: number, friction: number, shut: number): number {
  const { perBar, springs, cycled, grown } = parts;
  for (let i = 0; i < cycled.length; i++)
    if (perBar[i]! * bar + springs[i]! * spring < friction * (cycled[i]! + shut * grown[i]!)) return i;
  return -1;
}

/** Least of output over demand anywhere. */
function leastRatio(parts: Parts, bar: number, spring: number, friction: number, shut: number): number {
  const { perBar, springs, cycled, grown } = parts;
  let least = Number.POSITIVE_INFINITY;
  for (let i = 0; i < cycled.length; i++) {
    const asked = friction * (cycled[i]! + shut * grown[i]!);
    if (asked > 0) least = Math.min(least, (perBar[i]! * bar + springs[i]! * spring) / asked);
  }
  return least;
}

/** Actuator output per bar of supply and without supply, demand of the valve, and spread of the supply. */
function partsOf(
  drive: Drive,
  duty: SettledDuty,
  cycled: Profile,
  longShut: Profile,
): { readonly parts: Parts; readonly supply: Scatter } {
  const ratiosAt = (bar: number) =>
    flat(
      drive.outputAt(
        { ...duty, airMinimumBarG: bar, oilMinimumBarG: bar, lineGas: { lowestBarG: bar, highestBarG: bar } },
        "lowest",
      ),
    );
  const { suppliedAt } = kindOf(drive.family);
  const [low, high] = [suppliedAt(duty, "lowest"), suppliedAt(duty, "highest")];
  const [none, once] = [ratiosAt(0), ratiosAt(1)];
  const plain = flat(cycled);
  const parts: Parts = {
    perBar: once.map((nm, i) => nm - none[i]!),
    springs: none,
    cycled: plain,
    grown: flat(longShut).map((nm, i) => nm - plain[i]!),
  };
  const { what } = low;
  return low.unit === "bar g" && typeof low.value === "number" && typeof high.value === "number"
    ? {
        parts,
        supply: {
          what: "supply",
          unit: "bar g",
          low: low.value,
          design: (low.value + high.value) / 2,
          high: high.value,
        },
      }
    : { parts, supply: { what, unit: "", low: 1, design: 1, high: 1 } };
}

/**
 * Chance that a drive stalls anywhere over both strokes of a valve, by trials.
 *
 * @param on the valve, the drive and the torque demand of the duty
 * @param duty settled duty: supply between its lowest and highest, time shut up to the longest
 * @param house scatter of springs
 * @param of trials, 1 or more, and a seed
 * @returns share of stalled trials, its standard error, where, and the inputs that matter most; null where the demand
 *   is not known
 * @source Monte Carlo, as stall-probability of the calculation contract, at every angle; friction of the seat and
 *   supply triangular, time shut and springs uniform; no service factor: what is, not what is asked for
 */
export function stallChance(
  { valve, drive, demand }: { readonly valve: Valve; readonly drive: Drive; readonly demand: TorqueDemand },
  duty: SettledDuty,
  house: HouseRules,
  { trials, seed }: { readonly trials: number; readonly seed: number },
): StallChance | null {
  if (demand.covering === null || demand.unknown) return null;
  const cycled = torqueDemand(valve, { ...duty, longestShutDays: 0 }, house).covering!;
  const { parts, supply } = partsOf(drive, duty, cycled, demand.covering);
  const seat = valve.seat.material.friction;
  const friction: Scatter = {
    what: "friction of the seat",
    unit: "",
    low: seat.low / seat.design,
    design: 1,
    high: seat.high / seat.design,
  };
  // Without pressure the output comes from a motor or a hand: no spring scatter applies.
  const spread = drive.springSet !== null && supply.unit !== "" ? house.springScatterPercent / 100 : 0;
  const spring: Scatter = { what: "springs", unit: "", low: 1 - spread, design: 1, high: 1 + spread };
  /** As growth of the breakaway torque; a trial draws a share of it. */
  const shut: Scatter = {
    what: "growth with time shut",
    unit: "",
    low: 1,
    design: (1 + demand.growth) / 2,
    high: demand.growth,
  };

  const next = seeded(seed);
  const counts = new Uint32Array(parts.cycled.length);
  let stalled = 0;
  for (let trial = 0; trial < trials; trial++) {
    const rubs = triangular(friction, next());
    const time = next();
    const bar = triangular(supply, next());
    const force = spring.low + (spring.high - spring.low) * next();
    const place = stallsAt(parts, bar, force, rubs, time);
    if (place < 0) continue;
    stalled++;
    counts[place]!++;
  }
  const largest = counts.indexOf(Math.max(...counts));
  const ratioWith = (change: Partial<Record<"friction" | "supply" | "spring" | "shut", number>>) =>
    leastRatio(
      parts,
      change.supply ?? supply.design,
      change.spring ?? spring.design,
      change.friction ?? friction.design,
      demand.growth === 1 ? 0 : ((change.shut ?? shut.design) - 1) / (demand.growth - 1),
    );
  const inputs = (
    [
      ["friction", friction],
      ["supply", supply],
      ["spring", spring],
      ["shut", shut],
    ] as const
  )
    .filter(([, { low, high }]) => low !== high)
    .map(([id, scatter]) => ({
      ...scatter,
      atLow: ratioWith({ [id]: scatter.low }),
      atHigh: ratioWith({ [id]: scatter.high }),
    }))
    .sort((a, b) => Math.abs(b.atHigh - b.atLow) - Math.abs(a.atHigh - a.atLow))
    .slice(0, 3);
  const probability = stalled / trials;
  return {
    trials,
    probability,
    standardError: Math.sqrt((probability * (1 - probability)) / trials),
    place:
      stalled === 0
        ? null
        : { stroke: strokes[largest < angles.length ? 0 : 1]!, degrees: angles[largest % angles.length]! },
    inputs,
    asDesigned: ratioWith({}),
  };
}
