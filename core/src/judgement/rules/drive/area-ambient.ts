import { markedAmbient } from "../../../duty/area/ambient-range.ts";
import { readPlace } from "../../../duty/area/place.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { hasMotor } from "../../../equipment/drives/supplies.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { lowestAmbientUsed, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";
import { heatAbove } from "./heat-at-actuator.ts";

/** Whether the certificate of a motor covers the temperatures around it. */
export const areaAmbient = rule({
  id: "drive/area-ambient",
  asks: "Certified ambient range",
  source: "IEC 60079-0, clause 5.1.1: −20…40 °C unless the marking states another range",
  inputs: [
    "hazardous area",
    "lowest ambient",
    "highest ambient",
    "temperature",
    "drive family: marking",
    "house rule: heat that reaches a drive",
  ],
  dependsOn: ["line", "drive.family"],
  notApplicableBecause: (duty) => {
    const { area } = duty.stated;
    return (
      unlessByMotor(duty) ??
      (area !== null && readPlace(area) === "safe" ? "The area is classified as safe." : null)
    );
  },
  examine: ({ valve, drive, duty, house }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    if (!hasMotor(kindOf(drive.family).supply)) return notAsked("The actuator has no motor.");
    const { area, ambientMinimumC: cold } = duty.stated;
    if (area === null) return notAsked("Another finding asks for the area classification.");
    const { marking } = drive.family;
    if (marking === null) return notAsked("Another finding asks for the marking of the actuator.");
    const covers = markedAmbient(marking);
    if (covers === null) return cannotTell("readable ambient range in the marking of the actuator");
    const { warmC, uses } = heatAbove(valve, duty, house, "actuator");
    const freezes = cold !== null && cold < covers.fromC;
    const measured = freezes ? kelvinTo(cold, covers.fromC, "≥", 0) : kelvinTo(warmC, covers.toC, "≤", 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The certificate does not cover the temperatures around the actuator."
        : "The certificate covers the temperatures around the actuator.",
      {
        value: freezes ? cold : warmC,
        limit: freezes ? covers.fromC : covers.toC,
        sense: freezes ? "≥" : "≤",
        unit: "°C",
        remedy:
          "Use an actuator with a wider range in its marking, or keep weather and line heat away from it.",
        uses: [
          lowestAmbientUsed(duty.stated),
          ...uses,
          used("range of the certificate", covers.stated ? "marked" : "not marked", "catalogue"),
          used("marking", marking, "catalogue"),
        ],
      },
      inMargin(measured, "K", false),
    );
  },
});
