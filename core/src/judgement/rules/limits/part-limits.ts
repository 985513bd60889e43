import type { HouseRules } from "../../../basis/house/house-rules.ts";
import { valueOnCurve } from "../../../basis/reference/curve.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import { noJacket } from "../raised.ts";
import { bodyLimit } from "./body.ts";
import { deadEndLimit } from "./dead-end.ts";
import { byTemperature, type LimitedPart, type PartLimit } from "./part-limit.ts";
import { seatPartLimit } from "./seat.ts";

function sealPart(part: string): LimitedPart {
  if (part.includes("gasket")) return "gasket";
  return part.includes("packing") ? "packing" : "seat ring seal";
}

/**
 * Every part of a valve that limits it in a duty, each with its own curve and ends.
 *
 * @param valve a valve of a catalogue
 * @param duty settled duty: dead end, jacket and steam bring limits of their own
 * @param house house rules: steam limits
 * @returns parts in the order body, ends, seat, seals, bolting, jacket
 * @source the curves and ends the envelope rules examine
 */
export function partLimits(valve: Valve, duty: SettledDuty, house: HouseRules): PartLimit[] {
  const { grade, seals, bolting, line } = valve;
  const ends = deadEndLimit(valve, duty);
  const jacketed = line.jacket !== null && noJacket(duty) === null;
  return [
    bodyLimit(valve),
    ...(ends === null ? [] : [ends]),
    seatPartLimit(valve, duty, house),
    ...seals.parts.map(({ part, material }) =>
      byTemperature(sealPart(part), `${part}: ${material.name}`, material),
    ),
    byTemperature("bolting", bolting.name, bolting),
    ...(jacketed
      ? [
          byTemperature("jacket", "steam jacket", {
            minimumC: grade.minimumC,
            maximumC: line.jacket!.maximumC,
          }),
        ]
      : []),
  ];
}

/** The lowest limit of all parts at one temperature, and its part. */
export interface AssemblyLimit {
  /** Zero where a part is outside its temperatures: no pressure is allowed there. */
  readonly pressureBar: number;
  readonly governs: PartLimit;
}

/**
 * Limit of an assembly at a temperature: the lowest of its parts.
 *
 * @param limits limits of its parts; at least one with a curve
 * @param temperatureC °C
 * @param passing true for an excursion, false for staying there
 * @returns pressure in bar, never above any part's, and the part that governs
 * @source a chain is as strong as its weakest link
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
