import type { Drive } from "../drives/index.ts";
import type { SettledDuty } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import type { StrokeName } from "../stroke/index.ts";
import type { TorqueDemand } from "../torque/demand.ts";
import { type Conductance, inSeries, ofCv, ofTube } from "./conductance.ts";
import { drivenSeconds, sprungSeconds } from "./stroke-time.ts";
import { cylinderOf, everyDegree } from "./swept.ts";

/** How air is led to a drive, the plainest first. */
export const executionNames = [
  "solenoid valve and tube",
  "with quick exhaust",
  "with volume booster",
] as const;
export type ExecutionName = (typeof executionNames)[number];

/** A drive on air with what it uses and how long it takes. */
export interface OnAir {
  readonly sweptL: number;
  /** Free air of one stroke there and back at the highest supply, dm³. */
  readonly perCycleL: number;
  /**
   * Longest a stroke takes, s: against the demand with its factor, filled from the lowest supply, vented from the
   * highest. Null where the air does not carry it through. Reckoned when asked.
   */
  readonly longest: (stroke: StrokeName, execution: ExecutionName) => number | null;
  /** Shortest a stroke takes, s: with nothing asked of it, whichever end of the supply is the faster. */
  readonly shortest: (stroke: StrokeName, execution: ExecutionName) => number | null;
}

const atmosphereBarA = 1.01325;

/** Ways in and out of a drive. */
function ways(name: ExecutionName, house: HouseRules): { inlet: Conductance; outlet: Conductance } {
  const tube = house.airTubeLengthM > 0 ? [ofTube(house.airTubeBoreMm, house.airTubeLengthM)] : [];
  const [solenoid, regulator, booster] = [house.solenoidCv, house.regulatorCv, house.boosterCv].map(ofCv);
  if (name === "with volume booster") return { inlet: booster!, outlet: booster! };
  return {
    inlet: inSeries([regulator!, solenoid!, ...tube]),
    outlet: name === "with quick exhaust" ? ofCv(house.quickExhaustCv) : inSeries([...tube, solenoid!]),
  };
}

/** Volume that never empties as the shortest time has it: next to none, as a share of what is swept. */
const hardlyDead = 0.01;

/**
 * What a drive on air uses, and how long it takes to turn a valve.
 *
 * @param drive a drive
 * @param demand what the valve asks, N·m
 * @param duty supplies
 * @param house flow coefficients, tube, volume that never empties
 * @returns swept volume and free air of a cycle in dm³, longest and shortest seconds for each way to lead the air; null
 *   for a drive that does not run on air, or where the demand of a case is not known
 * @source `drivenSeconds`, `sprungSeconds`; volume by virtual work from the torque a bar adds
 */
export function onAir(
  drive: Drive,
  demand: TorqueDemand,
  duty: Pick<SettledDuty, "airMinimumBarG" | "airMaximumBarG"> & Parameters<Drive["outputAt"]>[0],
  house: HouseRules,
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
    { inlet, outlet }: ReturnType<typeof ways>,
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
  return {
    sweptL,
    perCycleL: (perBar.opening && perBar.closing ? 2 : 1) * fill,
    longest: (name, execution) =>
      seconds(name, ways(execution, house), {
        supplyBarG: perBar[name] ? least : most,
        needs: asked(name),
        dead: house.deadVolumePercent / 100,
      }),
    shortest: (name, execution) => {
      const found = [least, most].flatMap(
        (supplyBarG) =>
          seconds(name, ways(execution, house), { supplyBarG, needs: null, dead: hardlyDead }) ?? [],
      );
      return found.length === 0 ? null : Math.min(...found);
    },
  };
}
