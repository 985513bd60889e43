import { inHand, kelvinTo } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";

/** What seals and grease of a drive stand, by execution, °C. */
const ranges = {
  standard: { from: -20, to: 80 },
  low: { from: -50, to: 80 },
  high: { from: -20, to: 150 },
} as const;

export const driveTemperature = rule({
  id: "drive/drive-temperature",
  asks: "Drive in cold and heat",
  source:
    "Standard −20…80 °C, low −50, high 150 by execution; heat conducted from the line (house rules, indicative)",
  inputs: [
    "lowest ambient",
    "highest ambient",
    "temperature",
    "drive's executions",
    "house rule: heat that reaches a drive",
  ],
  hangsOn: ["line", "drive.family"],
  tight: "mild",
  examine: ({ valve, drive, duty, house }) => {
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
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
          ? "No execution stands both the cold and the heat."
          : atCold
            ? "Seals and grease of the drive stiffen in the cold."
            : "The drive gets too hot."
        : verdict === "tight"
          ? needsLow
            ? "Order the low-temperature execution; its price is not in the book."
            : "Order the high-temperature execution; its price is not in the book."
          : "The standard drive stands cold and heat.",
      {
        value,
        limit,
        sense,
        unit: "°C",
        remedy: atCold
          ? "A low-temperature drive, or a heated enclosure."
          : "A stand-off bracket, a heat shield, or a high-temperature drive.",
        decides: both && verdict === "fails" ? "cold and hot" : null,
        uses: [
          cold === null
            ? used("lowest ambient", "not below −20 °C", "assumed")
            : used("lowest ambient", cold, "entered", "°C"),
          stated("highest ambient", ambient, duty.stated.ambientMaximumC, "°C"),
          used("heat that reaches it", share * 100, "house rule", "%"),
          used("drive gets as warm as", warm, "computed", "°C"),
        ],
      },
      inHand(kelvinTo(value, limit, sense, 0), "K", false),
    );
  },
});
