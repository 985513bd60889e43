import type { SettledDuty } from "../../duty/settle.ts";
import { metalLimits } from "../../reference/metals.ts";
import { stated, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";
import { bodyMetal, trimMetals } from "./wetted.ts";

/** What of the fluid attacks copper; null where nothing does. */
function attackerIn({ stated: { fluid }, substance, freeWater, h2sKPa }: SettledDuty): string | null {
  const names = `${fluid.name} ${substance?.name ?? ""}`;
  if (fluid.family === "ammonia" || substance?.id === "ammonia") return "ammonia";
  if (/acetylene|ethyne/i.test(names)) return "acetylene";
  if (/butadiene/i.test(names)) return "butadiene";
  return h2sKPa > 0 && freeWater ? "wet H₂S" : null;
}

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
  unraised: (duty) => (attackerIn(duty) === null ? "Nothing that attacks copper." : null),
  examine: ({ valve, duty }) => {
    const attacker = attackerIn(duty)!;
    const copper = [...bodyMetal(valve), ...trimMetals(valve)].find(
      ({ metal }) => metal !== null && metalLimits(metal)?.copperAlloy,
    );
    return fits(
      copper === undefined,
      {
        holds: "No copper alloy meets the fluid.",
        fails:
          attacker === "acetylene" || attacker === "butadiene"
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
