import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { StrokeName } from "../../basis/stroke/profile.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import type { Fittings } from "../../equipment/accessories/fittings.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import type { TorqueDemand } from "../torque/demand.ts";
import { drivenSeconds, sprungSeconds } from "./stroke-time.ts";
import { cylinderOf, everyDegree } from "./swept.ts";
import { type AirWay, airWays } from "./ways.ts";

/** An actuator on air, with consumption and stroking times. */
export interface OnAir {
  /** Ways to lead its air, the cheapest first. */
  readonly ways: readonly AirWay[];
  /**
   * The cheapest arrangement that meets every time the duty asks for; the cheapest of all where none does. Computed on
   * first use.
   */
  readonly led: () => AirWay;
  readonly sweptL: number;
  /** Free air of one full cycle at the highest supply, dm³. */
  readonly perCycleL: number;
  /**
   * Longest stroking time, s: against the demand with its factor, filled from the lowest supply, vented from the
   * highest. Null where the air cannot complete the stroke. Computed on first use.
   */
  readonly longest: (stroke: StrokeName, way: AirWay) => number | null;
  /** Shortest stroking time, s: without load, at the faster end of the supply. */
  readonly shortest: (stroke: StrokeName, way: AirWay) => number | null;
  /**
   * Volume a bottle must have for strokes with the supply gone, dm³; null where the lowest supply leaves nothing over.
   * Reckoned when asked.
   */
  readonly bottleL: (strokes: number) => number | null;
}

const atmosphereBarA = 1.01325;

/** Dead volume for the shortest time: almost none, as a share of the swept volume. */
const hardlyDead = 0.01;

/**
 * Air consumption of an actuator, and its stroking times on a valve.
 *
 * @param drive a drive
 * @param demand torque of the valve, N·m
 * @param duty supplies, times asked, arrangement of solenoid valves
 * @param house flow coefficients, tube, volume that never empties
 * @param fittings accessories of the shelf
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

  /** One stroke against the demand, filled from a supply, or vented from it where springs drive. */
  const seconds = (
    name: StrokeName,
    { inlet, outlet }: Pick<AirWay, "inlet" | "outlet">,
    conditions: {
      readonly supplyBarG: number;
      readonly needs: readonly number[] | null;
      readonly dead: number;
    },
  ): number | null => {
    const { supplyBarG, needs, dead } = conditions;
    const outputNm = gives(name, supplyBarG);
    const over = (degree: number) => outputNm[degree]! - (needs?.[degree] ?? 0);
    const chambers = { sweptL: swept[name], deadL: dead * sweptL };
    const gained = perBar[name];
    if (gained) {
      // Output is linear in the pressure: this is the pressure for the demand.
      const needBar = gained.map((nm, index) => Math.max(0, supplyBarG - over(index) / nm));
      const bothWays = perBar.opening !== null && perBar.closing !== null;
      return drivenSeconds({ chambers, needBar, supplyBarG, inlet, outlet: bothWays ? outlet : null });
    }
    const other = perBar[name === "opening" ? "closing" : "opening"]!;
    const last = other.length - 1;
    const leavesBar = other.map((_, index) => over(index) / other[last - index]!);
    return sprungSeconds({ chambers, leavesBar, supplyBarG, outlet });
  };
  const { airMinimumBarG: least, airMaximumBarG: maximum } = duty;
  const deadL = (house.deadVolumePercent / 100) * sweptL;
  const fill = (sweptL + deadL) * (maximum + atmosphereBarA) - deadL * atmosphereBarA;
  const longest: OnAir["longest"] = (name, way) =>
    seconds(name, way, {
      supplyBarG: perBar[name] ? least : maximum,
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
          const outputNm = gives(name, least);
          return asked(name).map((nm, index) => least - (outputNm[index]! - nm) / perBar[name]![index]!);
        }),
      );
      if (needBarG >= least) return null;
      // Each stroke takes a whole chamber at the tank's own pressure: this share of it is left.
      const share = ((Math.max(0, needBarG) + atmosphereBarA) / (least + atmosphereBarA)) ** (1 / strokes);
      return ((sweptL + deadL) * share) / (1 - share);
    },
    shortest: (name, way) => {
      const found = [least, maximum].flatMap(
        (supplyBarG) => seconds(name, way, { supplyBarG, needs: null, dead: hardlyDead }) ?? [],
      );
      return found.length === 0 ? null : Math.min(...found);
    },
  };
}
