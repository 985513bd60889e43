import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { inherentOf } from "../../equipment/trims/characteristic.ts";
import { type FlowSet, flowSetOf } from "../../equipment/trims/flow-set.ts";
import { type TrimInBody, trimsOf } from "../../equipment/trims/trim.ts";
import { type FlowAround, flowAround, type TrimInDuty, trimInDuty } from "./assess.ts";

/**
 * How badly a trim serves a duty: first the cases it cannot do, then those it does badly; among equals price and size
 * decide.
 */
interface Bad {
  readonly cannot: number;
  /** Computed only where earlier criteria are equal, because it needs the noise. */
  readonly badly: () => number;
}

function badness(
  { trim, cases }: TrimInDuty,
  around: FlowAround,
  house: HouseRules,
  resistsBoiling: boolean,
): Bad {
  let cannot = around.throttles && around.asked !== null && inherentOf(trim).name !== around.asked ? 1 : 0;
  for (const { standing } of cases) {
    const { openingPercent: h } = standing;
    if (standing.beyond !== null) cannot += 2;
    else if (around.throttles && (h < house.leastOpeningPercent || h > house.mostOpeningPercent)) cannot++;
  }
  let known: number | null = null;
  return {
    cannot,
    badly: () => {
      known ??= failings(trim, cases, around, house, resistsBoiling);
      return known;
    },
  };
}

function failings(
  trim: TrimInBody,
  cases: TrimInDuty["cases"],
  around: FlowAround,
  house: HouseRules,
  resistsBoiling: boolean,
): number {
  let badly = around.dirty && around.throttles && (trim.passageMm ?? Infinity) < house.dirtPassageMm ? 1 : 0;
  for (const { figures, reverse } of cases) {
    if (reverse && around.throttles && !trim.trim.bothWays) badly++;
    const harms = figures.boiling === "constant" || figures.boiling === "flashing";
    // Choking fails, except in a trim made for it.
    if (figures.boiling === "choked") badly += trim.trim.kind === "cavitation trim" ? 1 : 2;
    else if (harms && !resistsBoiling) badly++;
    if (around.throttles && (figures.noiseDbA ?? 0) > house.noiseLimitDbA) badly++;
  }
  return badly;
}

interface Tried {
  readonly inDuty: TrimInDuty;
  readonly bad: Bad;
}

/** Whether one trim serves worse than another. */
function worse(a: Tried, b: Tried, least: boolean): boolean {
  if (a.bad.cannot !== b.bad.cannot) return a.bad.cannot > b.bad.cannot;
  if (a.bad.badly() !== b.bad.badly()) return a.bad.badly() > b.bad.badly();
  const [first, other] = [a.inDuty.trim, b.inDuty.trim];
  if (first.price !== other.price) return first.price > other.price;
  return least ? first.kv > other.kv : first.kv < other.kv;
}

/** Flow of a valve in a duty, with its best trim. */
export interface ValveFlow extends FlowAround, TrimInDuty {}

const known = new WeakMap<SettledDuty, Map<Valve["size"], Map<FlowSet, ValveFlow>>>();

/**
 * Selects the trim of a valve for a duty, with every case in it.
 *
 * @param valve line, construction, size and material trim
 * @param duty settled duty
 * @param house limits on opening, noise and flow
 * @returns throttling, the smallest trim that keeps every case between the house's openings without choking, cavitating
 *   or being too loud; the least bad where none does; open and shut, the widest
 * @source picked as drives are: what it cannot do, what it does badly, price, size
 */
export function flowOf(valve: Valve, duty: SettledDuty, house: HouseRules): ValveFlow {
  let ofDuty = known.get(duty);
  if (!ofDuty) {
    ofDuty = new Map();
    known.set(duty, ofDuty);
  }
  const { construction, size } = valve;
  let ofSize = ofDuty.get(size);
  if (!ofSize) {
    ofSize = new Map();
    ofDuty.set(size, ofSize);
  }
  const set = flowSetOf(valve);
  const cached = ofSize.get(set);
  if (cached) return cached;
  const around = flowAround(size, duty, house);
  let best: Tried | null = null;
  for (const trim of trimsOf(set.trims, construction, size)) {
    const inDuty = trimInDuty(trim, around);
    const tried = { inDuty, bad: badness(inDuty, around, house, set.resistsBoiling) };
    if (best === null || worse(best, tried, around.throttles && inDuty.cases.length > 0)) best = tried;
  }
  const flow = { ...around, ...best!.inDuty };
  ofSize.set(set, flow);
  return flow;
}
