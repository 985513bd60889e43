import { type ExecutionName, executionNames, type OnAir, onAir } from "../../air/index.ts";
import { type Drive, kindOf } from "../../drives/index.ts";
import type { HouseRules } from "../../house/house-rules.ts";
import type { StrokeName } from "../../stroke/index.ts";
import type { TorqueDemand } from "../../torque/demand.ts";
import type { Judged } from "../judged.ts";

interface Known {
  readonly air: string;
  readonly house: HouseRules;
  readonly onAir: OnAir | null;
}
/** Drives timed last on a demand: several rules ask for the same. */
const known = new WeakMap<TorqueDemand, Map<Drive, Known>>();

/**
 * The drive in hand on its air.
 *
 * @param judged drive, demand, duty and house rules
 * @returns what it uses and how long it takes; null where it does not run on air, or the demand is not known
 */
export function timed({
  drive,
  demand,
  duty,
  house,
}: Pick<Judged, "drive" | "demand" | "duty" | "house">): OnAir | null {
  if (!drive || kindOf(drive.family).supply !== "pneumatic") return null;
  const air = `${duty.airMinimumBarG}|${duty.airMaximumBarG}`;
  let of = known.get(demand);
  if (!of) {
    of = new Map();
    known.set(demand, of);
  }
  const last = of.get(drive);
  if (last && last.air === air && last.house === house) return last.onAir;
  const made = onAir(drive, demand, duty, house);
  of.set(drive, { air, house, onAir: made });
  return made;
}

/**
 * The plainest way to lead the air that keeps a time; the fastest where none does.
 *
 * @param of drive on its air
 * @param name the stroke
 * @param withinS seconds; null for the plainest whatever it takes
 * @returns its name and time; null where air does not carry the stroke through
 */
export function plainestWithin(
  { longest }: OnAir,
  name: StrokeName,
  withinS: number | null,
): { readonly name: ExecutionName; readonly seconds: number } | null {
  let fastest: { readonly name: ExecutionName; readonly seconds: number } | null = null;
  for (const execution of executionNames) {
    const seconds = longest(name, execution);
    if (seconds === null) continue;
    if (withinS === null || seconds <= withinS) return { name: execution, seconds };
    if (fastest === null || seconds < fastest.seconds) fastest = { name: execution, seconds };
  }
  return fastest;
}
