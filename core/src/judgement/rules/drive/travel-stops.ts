import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const travelStops = rule({
  id: "drive/travel-stops",
  asks: "Stops of the drive",
  source:
    "Bore of stem and drive stand a few degrees apart; a ball that stops short of shut passes (practice)",
  inputs: ["drive family: stops", "house rule: stops"],
  hangsOn: ["line", "drive.family"],
  tight: "mild",
  examine: ({ valve, drive, house }) => {
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    if (valve.construction.stroke === "rising stem") return notAsked("The stem has its own ends.");
    if (kindOf(drive.family).sits === "on the stem") return notAsked("The valve's own stops end its stroke.");
    const { stopsDegrees: value } = drive.family;
    const limit = house.stopsDegrees;
    if (value === null)
      return plain("tight", "Its maker does not say how far its stops can be set.", {
        uses: [used("stops wanted, ±", limit, "house rule")],
        remedy: "Order it with stops that can be set at both ends.",
      });
    const enough = value >= limit;
    return plain(
      enough ? "holds" : "tight",
      enough
        ? "Its stops can be set to where the valve is shut."
        : "Its stops hardly move: shut may not be where the valve is shut.",
      {
        value,
        limit,
        sense: "≥",
        unit: "°",
        uses: [used("stops wanted, ±", limit, "house rule")],
        remedy: enough ? null : "A drive with stops that can be set at both ends.",
      },
    );
  },
});
