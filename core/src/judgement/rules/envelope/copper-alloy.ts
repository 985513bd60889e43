import { metalLimits } from "../../../basis/reference/metals.ts";
import { attacksCopper, explodesWithCopper } from "../../../duty/settling/copper.ts";
import { stated, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";
import { bodyMetal, trimMetals } from "./wetted.ts";

export const copperAlloy = rule({
  id: "envelope/copper-alloy",
  asks: "Copper alloys in the fluid",
  source:
    "Copper alloys crack in ammonia and wet H₂S, and form explosive compounds with acetylene and butadiene",
  inputs: [
    "service family",
    "substance",
    "fluid",
    "partial pressure of H₂S",
    "free water",
    "body grade",
    "trim",
  ],
  dependsOn: ["line", "grade", "trim"],
  notApplicableBecause: (duty) => (attacksCopper(duty) === null ? "The fluid does not attack copper." : null),
  examine: ({ valve, duty }) => {
    const attacker = attacksCopper(duty)!;
    const copper = [...bodyMetal(valve), ...trimMetals(valve)].find(
      ({ metal }) => metal !== null && metalLimits(metal)?.copperAlloy,
    );
    return fits(
      copper === undefined,
      {
        holds: "No copper alloy touches the fluid.",
        fails: explodesWithCopper(attacker)
          ? `Copper and ${attacker} form an explosive compound.`
          : `Copper alloys crack in ${attacker}.`,
      },
      {
        value: copper?.metal ?? "none",
        limit: "no copper alloy",
        remedy: "Use steel or a copper-free nickel alloy.",
        uses: [
          used("fluid contains", attacker, "entered"),
          ...(attacker === "wet H₂S"
            ? [stated("free water", duty.freeWater, duty.stated.fluid.freeWater)]
            : []),
          used("trim", valve.trim.name, "catalogue"),
          used("body", valve.grade.grade, "catalogue"),
        ],
      },
    );
  },
});
