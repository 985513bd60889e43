import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const travelStops = rule({
  id: "drive/travel-stops",
  asks: "Travel stops",
  source:
    "Stem and actuator can be a few degrees out of line; a valve that stops short of closed leaks (practice)",
  inputs: ["actuator family: stops", "house rule: stops"],
  dependsOn: ["line", "drive.family"],
  tight: "mild",
  examine: ({ valve, drive, house }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    if (valve.construction.stroke === "rising stem") return notAsked("The stem has its own end stops.");
    if (kindOf(drive.family).sits === "on the stem") return notAsked("The valve has its own travel stops.");
    const { stopsDegrees: value } = drive.family;
    const limit = house.stopsDegrees;
    if (value === null)
      return plain("tight", "The maker does not state the adjustment range of the travel stops.", {
        uses: [used("stop adjustment required, ±", limit, "house rule")],
        remedy: "Order adjustable stops at both ends.",
      });
    const enough = value >= limit;
    return plain(
      enough ? "holds" : "tight",
      enough
        ? "The stop adjustment is sufficient."
        : "The stop adjustment is too small: the closed stop may not match the closed position of the valve.",
      {
        value,
        limit,
        sense: "≥",
        unit: "°",
        uses: [used("stop adjustment required, ±", limit, "house rule")],
        remedy: enough ? null : "Use an actuator with adjustable stops at both ends.",
      },
    );
  },
});
