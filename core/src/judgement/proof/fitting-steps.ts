import type { HouseRules } from "../../basis/house/house-rules.ts";
import { kindOf } from "../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import type { FitUp } from "../../mechanics/fit-up/fit-up.ts";
import { assemblySteps, type Step } from "../../mechanics/fit-up/steps.ts";

/**
 * How an actuator is mounted on a valve, step by step.
 *
 * @param fitUp parts between them, from `fitUpPicture`; null for a bare stem
 * @param drive actuator to mount; null for a bare stem
 * @param house screws, passes, stops
 * @returns steps with figures and cautions; none for a bare stem, or where the joint is not known
 * @source `assemblySteps`
 */
export const fittingSteps = (fitUp: FitUp | null, drive: Drive | null, house: HouseRules): Step[] =>
  fitUp === null || drive === null
    ? []
    : assemblySteps(
        fitUp,
        {
          onSupplyLoss: drive.onSupplyLoss,
          springSet: drive.springSet,
          supply: kindOf(drive.family).supply,
          stopsDegrees: drive.family.stopsDegrees,
        },
        house,
      );
