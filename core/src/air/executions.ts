import type { Drive } from "../drives/index.ts";
import type { SettledDuty } from "../duty/settle.ts";
import type { HouseRules } from "../house/house-rules.ts";
import type { StrokeName } from "../stroke/index.ts";
import type { TorqueDemand } from "../torque/demand.ts";
import { type Conductance, inSeries, ofCv, ofTube } from "./conductance.ts";
import { drivenSeconds, sprungSeconds } from "./stroke-time.ts";
import { everyDegree, perBar, sweptBy } from "./swept.ts";

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
  /** Free air of one stroke there and back, dm³. */
  readonly perCycleL: number;
  /** Seconds of a stroke; null where the air does not carry it through. Reckoned when asked. */
  readonly seconds: (stroke: StrokeName, execution: ExecutionName) => number | null;
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

/**
 * What a drive on air uses, and how long it takes to turn a valve at the lowest supply.
 *
 * @param drive a drive
 * @param demand what the valve asks, N·m
 * @param duty supplies; strokes a year
 * @param house flow coefficients, tube, volume that never empties
 * @returns swept volume and free air of a cycle in dm³, seconds for each way to lead the air; null for a drive that
 *   does not run on air, or where the demand is not known
 * @source `drivenSeconds`, `sprungSeconds`; volume by virtual work from the torque a bar adds; demand with its factor
 */
export function onAir(
  drive: Drive,
  demand: TorqueDemand,
  duty: Pick<SettledDuty, "airMinimumBarG"> & Parameters<Drive["outputAt"]>[0],
  house: HouseRules,
): OnAir | null {
  const size = drive.family.sizes.find(({ id }) => id === drive.sizeId) as
    | { efficiency?: number }
    | undefined;
  const { opening: gainOpening, closing: gainClosing } = perBar(drive, duty);
  const gain = gainOpening ?? gainClosing?.slice().reverse();
  if (!gain || !demand.covering) return null;
  const sweptEach = sweptBy(gain, size?.efficiency ?? 1);
  const sweptL = sweptEach.reduce((sum, litres) => sum + litres, 0);
  const deadL = (house.deadVolumePercent / 100) * sweptL;
  const supplyBarG = duty.airMinimumBarG;
  const output = drive.outputAt(duty, "lowest");
  const asked = (name: StrokeName) =>
    everyDegree(demand.covering![name], name).map((nm) => nm * demand.appliedFactor);
  const seconds = (name: StrokeName, through: ReturnType<typeof ways>): number | null => {
    const gained = name === "opening" ? gainOpening : gainClosing;
    const gives = everyDegree(output[name], name);
    const needs = asked(name);
    if (gained) {
      // What is given is linear in the pressure: what it takes to give as much as is asked.
      const needBar = gained.map((nm, at) => Math.max(0, supplyBarG - (gives[at]! - needs[at]!) / nm));
      const chambers = { sweptL: sweptBy(gained, size?.efficiency ?? 1), deadL };
      const outlet = gainOpening && gainClosing ? through.outlet : null;
      return drivenSeconds({ chambers, needBar, supplyBarG, inlet: through.inlet, outlet });
    }
    const other = (name === "opening" ? gainClosing! : gainOpening!).slice().reverse();
    const leavesBar = other.map((nm, at) => (gives[at]! - needs[at]!) / nm);
    const chambers = { sweptL: sweptBy(other, size?.efficiency ?? 1), deadL };
    return sprungSeconds({ chambers, leavesBar, supplyBarG, outlet: through.outlet });
  };
  const fill = (sweptL + deadL) * (supplyBarG + atmosphereBarA) - deadL * atmosphereBarA;
  return {
    sweptL,
    perCycleL: (gainOpening && gainClosing ? 2 : 1) * fill,
    seconds: (name, execution) => seconds(name, ways(execution, house)),
  };
}
