import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { isByHand } from "../../../equipment/drives/supplies.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";
import { unlessByHand } from "./by-operator.ts";
import { heatAbove } from "./heat-at-actuator.ts";

export const touchHeat = rule({
  id: "drive/touch-heat",
  asks: "Temperature of the hand operator",
  source: "Heat conducted from the line to the lever or handwheel (house rules, indicative)",
  inputs: ["temperature", "highest ambient", "stem extension", "house rule: hottest a hand may touch"],
  dependsOn: ["line", "drive.family"],
  notApplicableBecause: unlessByHand,
  examine: ({ valve, drive, duty, house }) => {
    if (!drive || !isByHand(kindOf(drive.family).supply))
      return notAsked("The valve has no manual operator.");
    const hot = hottest(duty);
    if (hot === null) return cannotTell("line temperature");
    const { warmC, uses } = heatAbove(valve, duty, house, "actuator");
    const measured = kelvinTo(warmC, house.touchC, "≤", 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails
        ? "The lever or handwheel gets too hot to hold."
        : "The lever or handwheel stays cool enough to hold.",
      {
        value: warmC,
        limit: house.touchC,
        sense: "≤",
        unit: "°C",
        caseId: hot.id,
        caseName: hot.name,
        remedy: fails ? "Use a stem extension, or a handwheel further from the line." : null,
        uses: [used(`temperature, ${hot.name}`, hot.temperatureC!, "entered", "°C"), ...uses],
      },
      inMargin(measured, "K", false),
    );
  },
});
