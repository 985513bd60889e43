import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Valve } from "../../equipment/catalogue/valve.ts";
import { inherentOf } from "../../equipment/trims/characteristic.ts";
import { type TrimInBody, trimsOf } from "../../equipment/trims/trim.ts";
import { type FlowAround, flowAround, type TrimInDuty, trimInDuty } from "./assess.ts";

/** How badly a trim serves a duty: what it cannot do, then what it does badly; price and size decide among equals. */
interface Bad {
  readonly cannot: number;
  /** Reckoned where what trims cannot do leaves it open: it asks for the noise. */
  readonly badly: () => number;
}

function badness({ trim, cases }: TrimInDuty, around: FlowAround, house: HouseRules): Bad {
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
      known ??= badlyDone(trim, cases, around, house);
      return known;
    },
  };
}

function badlyDone(
  trim: TrimInBody,
  cases: TrimInDuty["cases"],
  around: FlowAround,
  house: HouseRules,
): number {
  let badly = around.dirty && around.throttles && (trim.passageMm ?? Infinity) < house.dirtPassageMm ? 1 : 0;
  for (const { figures, reverse } of cases) {
    if (reverse && around.throttles && !trim.trim.bothWays) badly++;
    const harms = figures.boiling === "constant" || figures.boiling === "flashing";
    // Choking fails, but in a trim that is made to stand it.
    if (figures.boiling === "choked") badly += trim.trim.kind === "cavitation trim" ? 1 : 2;
    else if (harms && !trim.trim.hardFaced) badly++;
    if (around.throttles && (figures.noiseDbA ?? 0) > house.noiseLimitDbA) badly++;
  }
  return badly;
}

interface Tried {
  readonly of: TrimInDuty;
  readonly bad: Bad;
}

/** Whether one trim serves worse than another. */
function worse(a: Tried, b: Tried, least: boolean): boolean {
  if (a.bad.cannot !== b.bad.cannot) return a.bad.cannot > b.bad.cannot;
  if (a.bad.badly() !== b.bad.badly()) return a.bad.badly() > b.bad.badly();
  const [one, other] = [a.of.trim, b.of.trim];
  if (one.price !== other.price) return one.price > other.price;
  return least ? one.kv > other.kv : one.kv < other.kv;
}

/** A valve's flow in a duty: the trim that serves it best, and what flows. */
export interface ValveFlow extends FlowAround, TrimInDuty {}

const known = new WeakMap<SettledDuty, Map<Valve["size"], ValveFlow>>();

/**
 * The trim a valve takes for a duty, with every case in it.
 *
 * @param valve line, construction and size
 * @param duty settled duty
 * @param house openings, noise, what flow may do
 * @returns throttling, the smallest trim that keeps every case between the house's openings without choking, cavitating
 *   or being too loud; the least bad where none does; open and shut, the widest
 * @source picked as drives are: what it cannot do, what it does badly, price, size
 */
export function flowOf({ line, construction, size }: Valve, duty: SettledDuty, house: HouseRules): ValveFlow {
  let ofDuty = known.get(duty);
  if (!ofDuty) {
    ofDuty = new Map();
    known.set(duty, ofDuty);
  }
  const had = ofDuty.get(size);
  if (had) return had;
  const around = flowAround(size, duty, house);
  let best: Tried | null = null;
  for (const trim of trimsOf(line.flowTrims, construction, size)) {
    const of = trimInDuty(trim, around);
    const tried = { of, bad: badness(of, around, house) };
    if (best === null || worse(best, tried, around.throttles && of.cases.length > 0)) best = tried;
  }
  const flow = { ...around, ...best!.of };
  ofDuty.set(size, flow);
  return flow;
}
