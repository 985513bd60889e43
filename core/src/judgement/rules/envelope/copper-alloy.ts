import { metalLimits } from "../../../basis/reference/metals.ts";
import { attacksCopper, explodesWithCopper } from "../../../duty/settling/copper.ts";
import { stated, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";
import { bodyMetal, trimMetals } from "./wetted.ts";

export const copperAlloy = rule({
  id: "envelope/copper-alloy",
  asks: "Copper in the fluid",
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
  hangsOn: ["line", "grade", "trim"],
  unraised: (duty) => (attacksCopper(duty) === null ? "Nothing that attacks copper." : null),
  examine: ({ valve, duty }) => {
    const attacker = attacksCopper(duty)!;
    const copper = [...bodyMetal(valve), ...trimMetals(valve)].find(
      ({ metal }) => metal !== null && metalLimits(metal)?.copperAlloy,
    );
    return fits(
      copper === undefined,
      {
        holds: "No copper alloy meets the fluid.",
        fails: explodesWithCopper(attacker)
          ? `Copper and ${attacker} make a compound that explodes.`
          : `A copper alloy cracks in ${attacker}.`,
      },
      {
        value: copper?.metal ?? "none",
        limit: "no copper alloy",
        remedy: "Steel or nickel alloy without copper.",
        uses: [
          used("fluid holds", attacker, "entered"),
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
