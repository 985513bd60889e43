import type { StrokeName } from "../../../basis/stroke/profile.ts";
import type { Used } from "../finding.ts";
import { used } from "../inputs.ts";
import type { Judged } from "../judged.ts";
import { timed } from "./on-air.ts";

/** How long a stroke may take and how short it may be, s; null where it is not carried through. */
export interface Timing {
  readonly longestS: number | null;
  readonly shortestS: number | null;
  readonly uses: readonly Used[];
}

/**
 * The stroking time: computed for actuators on air, stated by the maker for others.
 *
 * @param judged actuator, demand, duty, house rules and accessories of the shelf
 * @param stroke opening or closing
 * @returns seconds, with the inputs they depend on; null where they are not stated
 * @source `onAir`; the maker's time with the house's scatter
 */
export function timing(
  judged: Pick<Judged, "drive" | "demand" | "duty" | "house" | "fittings">,
  stroke: StrokeName,
): Timing | null {
  const { drive, house } = judged;
  if (!drive) return null;
  const onAir = timed(judged);
  if (onAir !== null) {
    const way = onAir.led();
    return {
      longestS: onAir.longest(stroke, way),
      shortestS: onAir.shortest(stroke, way),
      uses: [used("air supplied through", way.name, "computed")],
    };
  }
  const bySpring = drive.onSupplyLoss === (stroke === "opening" ? "opens" : "closes");
  const stated = bySpring ? drive.springSeconds : drive.strokeSeconds;
  if (stated === null) return null;
  const scatter = house.makersTimePercent / 100;
  return {
    longestS: stated * (1 + scatter),
    shortestS: stated * (1 - scatter),
    uses: [
      used("time stated by the maker", stated, "catalogue", "s"),
      used("scatter of the time", house.makersTimePercent, "house rule", "%"),
    ],
  };
}
