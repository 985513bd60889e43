import { inMargin, kelvinTo } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";

/** Temperature limits of an actuator's seals and grease, by execution, °C. */
const ranges = {
  standard: { from: -20, to: 80 },
  low: { from: -50, to: 80 },
  high: { from: -20, to: 150 },
} as const;

export const driveTemperature = rule({
  id: "drive/drive-temperature",
  asks: "Actuator temperature",
  source:
    "Standard −20…80 °C, low-temperature version from −50 °C, high-temperature version to 150 °C; heat conducted from the line (house rules, indicative)",
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
    const hot = hottest(duty);
    const share =
      (valve.line.stemExtension ? house.heatPastExtensionPercent : house.heatToDrivePercent) / 100;
    const ambient = duty.ambientMaximumC;
    const warm = Math.max(ambient, ambient + share * ((hot?.temperatureC ?? ambient) - ambient));
    const cold = duty.stated.ambientMinimumC;
    const low = drive.family.lowTemperature ? ranges.low.from : ranges.standard.from;
    const high = drive.family.highTemperature ? ranges.high.to : ranges.standard.to;
    const freezes = cold !== null && cold < low;
    const needsLow = cold !== null && cold < ranges.standard.from;
    const needsHigh = warm > ranges.standard.to;
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
            ? "The lowest ambient temperature is below the limit of the actuator's seals and grease."
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
          cold === null
            ? used("lowest ambient", "not below −20 °C", "assumed")
            : used("lowest ambient", cold, "entered", "°C"),
          stated("highest ambient", ambient, duty.stated.ambientMaximumC, "°C"),
          used("share of line heat that reaches the actuator", share * 100, "house rule", "%"),
          used("highest actuator temperature", warm, "computed", "°C"),
        ],
      },
      inMargin(kelvinTo(value, limit, sense, 0), "K", false),
    );
  },
});
