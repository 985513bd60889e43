import type { HouseRules } from "../../../basis/house/house-rules.ts";
import type { Designation } from "../../../basis/reference/pressure-temperature.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { coldClass } from "./cold-class.ts";

function largestFloatingDn(designation: Designation, house: HouseRules): number {
  const cold = coldClass(designation);
  if (cold <= 150) return house.largestFloatingDnClass150;
  if (cold <= 300) return house.largestFloatingDnClass300;
  if (cold <= 600) return house.largestFloatingDnClass600;
  return house.largestFloatingDnAbove;
}

export const floatingSizeBorder = rule({
  id: "body/floating-size-border",
  asks: "Floating ball size limit",
  source: "The downstream seat of a floating ball carries the ball and the line pressure (house rule)",
  inputs: ["size", "class", "house rule: largest floating ball"],
  dependsOn: ["size"],
  tight: "mild",
  examine: ({ valve, house }) => {
    if (valve.construction.support !== "floating") return notAsked("The closing member does not float.");
    const limit = largestFloatingDn(valve.designation, house);
    const dn = valve.size.dn;
    return plain(
      dn > limit ? "fails" : "holds",
      dn > limit
        ? "The size exceeds the limit for a floating ball in this class."
        : "The size is within the limit for a floating ball.",
      {
        value: dn,
        limit,
        unit: "DN",
        sense: "≤",
        remedy: dn > limit ? "Use a trunnion-mounted ball." : null,
        uses: [
          { what: "size", value: dn, unit: "DN", origin: "catalogue" },
          {
            what: `largest floating ball, ${valve.size.designation}`,
            value: limit,
            unit: "DN",
            origin: "house rule",
          },
        ],
      },
    );
  },
});
