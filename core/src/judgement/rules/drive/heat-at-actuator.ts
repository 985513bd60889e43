import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { Used } from "../finding.ts";
import { stated, used } from "../inputs.ts";
import { hottest } from "../worst.ts";

/** Temperature on top of a hot valve. */
export interface HeatAbove {
  readonly warmC: number;
  readonly uses: readonly Used[];
}

/**
 * Temperature that equipment on a valve reaches: the weather, and a share of what the line is hotter.
 *
 * @param valve its stem extension
 * @param duty settled duty
 * @param house shares
 * @param where on the actuator's flange, or on the actuator itself
 * @returns °C, with its inputs
 * @source house rules, indicative
 */
export function heatAbove(
  { line }: Pick<Valve, "line">,
  duty: SettledDuty,
  house: HouseRules,
  where: "actuator" | "accessories",
): HeatAbove {
  const atActuator = line.stemExtension ? house.heatPastExtensionPercent : house.heatToDrivePercent;
  const percent = where === "actuator" ? atActuator : (atActuator * house.heatToFittingsPercent) / 100;
  const ambient = duty.ambientMaximumC;
  const lineC = hottest(duty)?.temperatureC ?? ambient;
  return {
    warmC: Math.max(ambient, ambient + (percent / 100) * (lineC - ambient)),
    uses: [
      stated("highest ambient", ambient, duty.stated.ambientMaximumC, "°C"),
      used(`share of line heat that reaches the ${where}`, percent, "house rule", "%"),
    ],
  };
}
