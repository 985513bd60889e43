import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { isByHand } from "../../../equipment/drives/supplies.ts";
import { inHand, kelvinTo } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";
import { unlessByHand } from "./by-operator.ts";

export const touchHeat = rule({
  id: "drive/touch-heat",
  asks: "Cool to the hand",
  source: "Heat conducted from the line to what a hand holds (house rules, indicative)",
  inputs: ["temperature", "highest ambient", "stem extension", "house rule: hottest a hand may touch"],
  hangsOn: ["line", "drive.family"],
  unraised: unlessByHand,
  examine: ({ valve, drive, duty, house }) => {
    if (!drive || !isByHand(kindOf(drive.family).supply)) return notAsked("No hand turns it.");
    const hot = hottest(duty);
    if (hot === null) return cannotTell("the temperature of the line");
    const extended = valve.line.stemExtension;
    const share = (extended ? house.heatPastExtensionPercent : house.heatToDrivePercent) / 100;
    const ambient = duty.ambientMaximumC;
    const warm = Math.max(ambient, ambient + share * (hot.temperatureC! - ambient));
    const measured = kelvinTo(warm, house.touchC, "≤", 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails ? "What a hand must hold gets too hot." : "A hand can hold it.",
      {
        value: warm,
        limit: house.touchC,
        sense: "≤",
        unit: "°C",
        caseId: hot.id,
        caseName: hot.name,
        remedy: fails ? "A stem extension, or a wheel that stands away from the line." : null,
        uses: [
          used(`temperature, ${hot.name}`, hot.temperatureC!, "entered", "°C"),
          stated("highest ambient", ambient, duty.stated.ambientMaximumC, "°C"),
          used("heat that reaches it", share * 100, "house rule", "%"),
        ],
      },
      inHand(measured, "K", false),
    );
  },
});
