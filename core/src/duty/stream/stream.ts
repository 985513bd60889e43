import { atmosphereBar } from "../../basis/units/definitions.ts";
import type { SettledCase } from "../settling/settled-case.ts";
import type { SettledDuty } from "../settling/settled-duty.ts";
import type { OperatingCase } from "../statement/case.ts";
import { gasOf } from "./gas-stream.ts";
import { liquidOf } from "./liquid-stream.ts";
import { missing, type StreamOfCase } from "./stream-figures.ts";
import { twoPhaseOf } from "./two-phase-stream.ts";

const still = (why: string): StreamOfCase => ({ stream: null, still: why });
/** Smallest flow rate that counts, in any unit. */
const leastRate = 1e-9;
const absoluteZeroC = -273.15;
/** Share of the upstream pressure: the smallest drop that counts, and the most an open valve leaves behind it. */
const leastDrop = 1e-6;
const openRest = 0.05;

/**
 * Flow of a case, with all properties.
 *
 * @param c settled case
 * @param stated the same case as entered: its flow
 * @param duty settled duty: fluid and its measured properties
 * @param house speed of sound where the liquid is not water, m/s
 * @param throttles whether the valve takes the stated drop, or is open
 * @returns the stream; else the missing value or why nothing flows. Entered values take precedence over tables, tables
 *   over estimates
 * @source IAPWS-IF97 for water and steam, table of fluids, `estimateState`
 */
export function streamOf(
  c: SettledCase,
  stated: OperatingCase,
  duty: SettledDuty,
  house: { readonly soundSpeedMS: number },
  throttles: boolean,
): StreamOfCase {
  if (stated.rate === null) return still("The flow is not stated.");
  if (stated.rate < leastRate) return still("The case has no flow.");
  const reverse = stated.flow === "reverse";
  const [from, to] = reverse ? [c.downstreamBarG, c.upstreamBarG] : [c.upstreamBarG, c.downstreamBarG];
  if (from === null) return missing("upstream pressure");
  const behind = (reverse ? stated.upstreamBarG : stated.downstreamBarG) === null ? null : to!;
  if (throttles && behind === null) return missing("downstream pressure");
  if (c.temperatureC === null) return missing("temperature");
  const upstreamBarA = from + atmosphereBar;
  // The drop of an open valve follows from its flow, whatever is stated behind it; a throttling valve gets the drop
  // that is left, and without a drop nothing flows.
  const downstreamBarA = throttles
    ? Math.min(behind! + atmosphereBar, upstreamBarA * (1 - leastDrop))
    : upstreamBarA * openRest;
  if (downstreamBarA <= 0) return missing("downstream pressure above full vacuum");
  if (c.temperatureC <= absoluteZeroC) return missing("temperature above absolute zero");
  const state = { c, stated, duty, upstreamBarA, downstreamBarA, temperatureC: c.temperatureC, throttles };
  switch (c.phase) {
    case "liquid":
    case "dense phase":
      return liquidOf(state, house);
    case "gas":
    case "steam":
      return gasOf(state);
    case "two-phase":
      return twoPhaseOf(state, house);
    default:
      return missing("phase");
  }
}
