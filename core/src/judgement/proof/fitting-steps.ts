import type { HouseRules } from "../../basis/house/house-rules.ts";
import { kindOf } from "../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../equipment/drives/kind.ts";
import type { FitUp } from "../../mechanics/fit-up/fit-up.ts";
import { assemblySteps, type Step } from "../../mechanics/fit-up/steps.ts";

/**
 * How a drive is put on a valve, step by step.
 *
 * @param fitUp what stands between them, as `fitUpPicture` has it; null of a bare stem
 * @param drive that is put on; null of a bare stem
 * @param house screws, passes, stops
 * @returns steps with figures and cautions; none of a bare stem, or where nobody knows how the two meet
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
