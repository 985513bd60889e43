import type { Valve } from "../catalogue/valve.ts";
import type { SettledDuty } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import { type Curve, valueOnCurve } from "../reference/curve.ts";

/** Parts that may be the weak link of an assembly. */
export type LimitedPart =
  | "body"
  | "ends"
  | "seat"
  | "seat ring seal"
  | "packing"
  | "gasket"
  | "bolting"
  | "jacket";

/** What one part holds: pressure against temperature where it has a curve, and the temperatures it ends at. */
export interface PartLimit {
  readonly part: LimitedPart;
  readonly name: string;
  /** bar g; for a seat, bar of differential with the far side vented. Null where temperature alone limits it. */
  readonly curve: Curve | null;
  readonly fromC: number;
  /** Highest it may stay at. */
  readonly toC: number;
  /** Highest it may pass through; the same as `toC` where no excursion is allowed. */
  readonly excursionC: number;
  /** What ends it where that is not the part itself, for example steam. */
  readonly because: string | null;
}

function sealPart(part: string): LimitedPart {
  if (part.includes("gasket")) return "gasket";
  return part.includes("packing") ? "packing" : "seat ring seal";
}

/** Where steam ends a soft seat before dry heat does; null where no case is steam. */
function steamEnd(valve: Valve, duty: SettledDuty, house: HouseRules): number | null {
  const { material } = valve.seat;
  if (material.kind === "metal" || !duty.cases.some((c) => c.phase === "steam")) return null;
  return material.steam === "yes" ? house.steamLimitC : house.limitedSteamLimitC;
}

/**
 * Every part of a valve that limits it in a duty, each with its own curve and ends.
 *
 * @param valve a valve of a catalogue
 * @param duty settled duty: dead end, jacket and steam bring limits of their own
 * @param house house rules: steam limits
 * @returns parts in the order body, ends, seat, seals, bolting, jacket
 * @throws never
 * @source the curves and ends the envelope rules examine
 * @example partLimits(valve, duty, house).map((l) => l.part)[0] // → "body"
 */
export function partLimits(valve: Valve, duty: SettledDuty, house: HouseRules): PartLimit[] {
  const { ratingCurve, grade, seat, seals, bolting, line, size } = valve;
  const top = Math.min(grade.maximumC, ratingCurve.temperatureC.at(-1)!);
  const limits: PartLimit[] = [
    {
      part: "body",
      name: `${grade.grade}, ${size.designation}`,
      curve: ratingCurve,
      fromC: grade.minimumC,
      toC: top,
      excursionC: top,
      because: null,
    },
  ];
  const lug = line.deadEndFactor !== null && line.ends.includes("lug") && duty.endConnection !== "flanged RF";
  if (duty.stated.deadEnd && lug && line.deadEndFactor !== null) {
    const held = line.deadEndFactor * valueOnCurve(ratingCurve, 38);
    limits.push({
      part: "ends",
      name: "lugs at the end of a line",
      curve: { temperatureC: [grade.minimumC, top], value: [held, held] },
      fromC: grade.minimumC,
      toC: top,
      excursionC: top,
      because: null,
    });
  }
  const steam = steamEnd(valve, duty, house);
  const capped = (t: number) => (steam === null ? t : Math.min(t, steam));
  limits.push({
    part: "seat",
    name: `${seat.material.name}, ${seat.curve === null ? "the class governs" : seat.curveName}`,
    curve: seat.curve,
    fromC: seat.material.minimumC,
    toC: capped(seat.material.continuousMaximumC),
    excursionC: capped(seat.material.excursionMaximumC),
    because: steam !== null && steam < seat.material.excursionMaximumC ? "steam" : null,
  });
  for (const { part, material } of seals.parts)
    limits.push({
      part: sealPart(part),
      name: `${part}: ${material.name}`,
      curve: null,
      fromC: material.minimumC,
      toC: material.maximumC,
      excursionC: material.maximumC,
      because: null,
    });
  limits.push({
    part: "bolting",
    name: bolting.name,
    curve: null,
    fromC: bolting.minimumC,
    toC: bolting.maximumC,
    excursionC: bolting.maximumC,
    because: null,
  });
  if (line.jacket !== null && (duty.stated.jacketBarG !== null || duty.stated.jacketC !== null))
    limits.push({
      part: "jacket",
      name: "steam jacket",
      curve: null,
      fromC: grade.minimumC,
      toC: line.jacket.maximumC,
      excursionC: line.jacket.maximumC,
      because: null,
    });
  return limits;
}

/** The lowest of all parts at one temperature, and the part it belongs to. */
export interface AssemblyLimit {
  /** Zero where a part is outside its temperatures: nothing may be asked of it there. */
  readonly pressureBar: number;
  readonly governs: PartLimit;
}

/**
 * What an assembly holds at a temperature: the lowest of its parts.
 *
 * @param limits limits of its parts; at least one with a curve
 * @param temperatureC °C
 * @param passing true for an excursion, false for staying there
 * @returns pressure in bar, never above any part's, and the part that governs
 * @throws never
 * @source a chain is as strong as its weakest link
 * @example assemblyLimit(partLimits(valve, duty, house), 80, false).governs.part
 */
export function assemblyLimit(
  limits: readonly PartLimit[],
  temperatureC: number,
  passing: boolean,
): AssemblyLimit {
  let lowest: AssemblyLimit | null = null;
  for (const limit of limits) {
    const outside = temperatureC < limit.fromC || temperatureC > (passing ? limit.excursionC : limit.toC);
    const pressureBar = outside
      ? 0
      : limit.curve === null
        ? Number.POSITIVE_INFINITY
        : valueOnCurve(limit.curve, temperatureC);
    if (lowest === null || pressureBar < lowest.pressureBar) lowest = { pressureBar, governs: limit };
  }
  return lowest!;
}
