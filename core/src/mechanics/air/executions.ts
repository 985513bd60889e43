import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { StrokeName } from "../../basis/stroke/profile.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Fittings } from "../../equipment/accessories/fittings.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import type { TorqueDemand } from "../torque/demand.ts";
import { drivenSeconds, sprungSeconds } from "./stroke-time.ts";
import { cylinderOf, everyDegree } from "./swept.ts";
import { type AirWay, airWays } from "./ways.ts";

/** A drive on air with what it uses and how long it takes. */
export interface OnAir {
  /** Ways to lead its air, the cheapest first. */
  readonly ways: readonly AirWay[];
  /** The cheapest that keeps every time the duty asks for; the cheapest of all where none does. Reckoned when asked. */
  readonly led: () => AirWay;
  readonly sweptL: number;
  /** Free air of one stroke there and back at the highest supply, dm³. */
  readonly perCycleL: number;
  /**
   * Longest a stroke takes, s: against the demand with its factor, filled from the lowest supply, vented from the
   * highest. Null where the air does not carry it through. Reckoned when asked.
   */
  readonly longest: (stroke: StrokeName, way: AirWay) => number | null;
  /** Shortest a stroke takes, s: with nothing asked of it, whichever end of the supply is the faster. */
  readonly shortest: (stroke: StrokeName, way: AirWay) => number | null;
  /**
   * Volume a bottle must have for strokes with the supply gone, dm³; null where the lowest supply leaves nothing over.
   * Reckoned when asked.
   */
  readonly bottleL: (strokes: number) => number | null;
}

const atmosphereBarA = 1.01325;

/** Volume that never empties as the shortest time has it: next to none, as a share of what is swept. */
const hardlyDead = 0.01;

/**
 * What a drive on air uses, and how long it takes to turn a valve.
 *
 * @param drive a drive
 * @param demand what the valve asks, N·m
 * @param duty supplies, times asked, arrangement of solenoid valves
 * @param house flow coefficients, tube, volume that never empties
 * @param fittings what the shelf has to mount on it
 * @returns swept volume and free air of a cycle in dm³, longest and shortest seconds for each way to lead the air; null
 *   for a drive that does not run on air, or where the demand of a case is not known
 * @source `drivenSeconds`, `sprungSeconds`; volume by virtual work from the torque a bar adds
 */
export function onAir(
  drive: Drive,
  demand: TorqueDemand,
  duty: SettledDuty,
  house: HouseRules,
  fittings: Fittings | null = null,
): OnAir | null {
  if (!demand.covering || demand.unknown) return null;
  const cylinder = cylinderOf(drive, duty);
  if (!cylinder) return null;
  const { perBar, swept, sweptL, gives } = cylinder;
  const asked = (name: StrokeName) =>
    everyDegree(demand.covering![name], name).map((nm) => nm * demand.appliedFactor);

  /** One stroke against what is asked, filled from a supply, or vented from it where springs drive. */
  const seconds = (
    name: StrokeName,
    { inlet, outlet }: Pick<AirWay, "inlet" | "outlet">,
    of: { readonly supplyBarG: number; readonly needs: readonly number[] | null; readonly dead: number },
  ): number | null => {
    const { supplyBarG, needs, dead } = of;
    const given = gives(name, supplyBarG);
    const over = (degree: number) => given[degree]! - (needs?.[degree] ?? 0);
    const chambers = { sweptL: swept[name], deadL: dead * sweptL };
    const gained = perBar[name];
    if (gained) {
      // What is given is linear in the pressure: what it takes to give as much as is asked.
      const needBar = gained.map((nm, at) => Math.max(0, supplyBarG - over(at) / nm));
      const bothWays = perBar.opening !== null && perBar.closing !== null;
      return drivenSeconds({ chambers, needBar, supplyBarG, inlet, outlet: bothWays ? outlet : null });
    }
    const other = perBar[name === "opening" ? "closing" : "opening"]!;
    const last = other.length - 1;
    const leavesBar = other.map((_, at) => over(at) / other[last - at]!);
    return sprungSeconds({ chambers, leavesBar, supplyBarG, outlet });
  };
  const { airMinimumBarG: least, airMaximumBarG: most } = duty;
  const deadL = (house.deadVolumePercent / 100) * sweptL;
  const fill = (sweptL + deadL) * (most + atmosphereBarA) - deadL * atmosphereBarA;
  const longest: OnAir["longest"] = (name, way) =>
    seconds(name, way, {
      supplyBarG: perBar[name] ? least : most,
      needs: asked(name),
      dead: house.deadVolumePercent / 100,
    });
  const ways = airWays(fittings, duty.solenoids, house);
  const limits = [
    ["opening", duty.stated.opensWithinS],
    ["closing", duty.stated.closesWithinS],
  ] as const;
  const keeps = (way: AirWay) =>
    limits.every(
      ([name, limit]) => limit === null || (longest(name, way) ?? Number.POSITIVE_INFINITY) <= limit,
    );
  let led: AirWay | null = null;
  return {
    ways,
    led: () => {
      led ??= ways.find(keeps) ?? ways[0]!;
      return led;
    },
    sweptL,
    perCycleL: (perBar.opening && perBar.closing ? 2 : 1) * fill,
    longest,
    bottleL: (strokes) => {
      if (!perBar.opening || !perBar.closing) return null;
      const needBarG = Math.max(
        ...(["opening", "closing"] as const).flatMap((name) => {
          const given = gives(name, least);
          return asked(name).map((nm, at) => least - (given[at]! - nm) / perBar[name]![at]!);
        }),
      );
      if (needBarG >= least) return null;
      // Each stroke takes a whole chamber at the bottle's own pressure: what is left keeps this share of it.
      const share = ((Math.max(0, needBarG) + atmosphereBarA) / (least + atmosphereBarA)) ** (1 / strokes);
      return ((sweptL + deadL) * share) / (1 - share);
    },
    shortest: (name, way) => {
      const found = [least, most].flatMap(
        (supplyBarG) => seconds(name, way, { supplyBarG, needs: null, dead: hardlyDead }) ?? [],
      );
      return found.length === 0 ? null : Math.min(...found);
    },
  };
}
