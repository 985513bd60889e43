import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { rangesOf } from "../../../equipment/drives/temperature-ranges.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { lowestAmbientUsed, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { heatAbove } from "./heat-at-actuator.ts";

export const driveTemperature = rule({
  id: "drive/drive-temperature",
  asks: "Actuator temperature",
  source:
    "Cylinders −20…80 °C, other versions from −50 °C and to 150 °C. Motors −20…60 °C, other versions from −40 °C and to 70 °C. Heat conducted from the line (house rules, indicative)",
  inputs: [
    "lowest ambient",
    "highest ambient",
    "temperature",
    "drive's executions",
    "house rule: heat that reaches a drive",
  ],
  dependsOn: ["line", "drive.family"],
  tight: "mild",
  examine: ({ valve, drive, duty, house }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const { warmC: warm, uses } = heatAbove(valve, duty, house, "actuator");
    const { standard, lowFromC, highToC } = rangesOf(kindOf(drive.family).supply);
    const cold = duty.stated.ambientMinimumC;
    const low = drive.family.lowTemperature ? lowFromC : standard.fromC;
    const high = drive.family.highTemperature ? highToC : standard.toC;
    const freezes = cold !== null && cold < low;
    const needsLow = cold !== null && cold < standard.fromC;
    const needsHigh = warm > standard.toC;
    const atCold = freezes || (needsLow && !needsHigh);
    const value = atCold ? cold! : warm;
    const limit = atCold ? low : high;
    const sense = atCold ? ("≥" as const) : ("≤" as const);
    const both = needsLow && needsHigh;
    const verdict = freezes || warm > high || both ? "fails" : needsLow || needsHigh ? "tight" : "holds";
    return plain(
      verdict,
      verdict === "fails"
        ? both && !freezes && warm <= high
          ? "No version of the actuator covers both the lowest and the highest temperature."
          : atCold
            ? "The lowest ambient temperature is below the limit of the actuator's seals, grease or electronics."
            : "The actuator exceeds its highest temperature."
        : verdict === "tight"
          ? needsLow
            ? "Order the low-temperature version. Its price is not in the price book."
            : "Order the high-temperature version. Its price is not in the price book."
          : "The standard actuator covers the temperature range.",
      {
        value,
        limit,
        sense,
        unit: "°C",
        remedy: atCold
          ? "Use a low-temperature actuator or a heated enclosure."
          : "Use a stand-off bracket, a heat shield or a high-temperature actuator.",
        decides: both && verdict === "fails" ? "low and high temperature" : null,
        uses: [
          lowestAmbientUsed(duty.stated),
          ...uses,
          used("highest actuator temperature", warm, "computed", "°C"),
        ],
      },
      inMargin(kelvinTo(value, limit, sense, 0), "K", false),
    );
  },
});
