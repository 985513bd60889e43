import { metalLimits } from "../../../basis/reference/metals.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";
import { bodyMetal, trimMetals } from "./wetted.ts";

const fromC = 260;
/** Oils of the table that carry no sulphur to speak of. */
const free = new Set(["hot-oil", "lube-oil"]);

type Sulphur = "stated" | "in its nature" | "may be" | "none";

/** Whether the oil carries sulphur; where nobody says, an oil may. */
function sulphurIn({ stated, substance, h2sKPa }: SettledDuty): Sulphur {
  const { sulphurPercent, family } = stated.fluid;
  if (sulphurPercent !== null) return sulphurPercent > 0 || h2sKPa > 0 ? "stated" : "none";
  if (h2sKPa > 0 || family === "sour hydrocarbon") return "in its nature";
  if (family !== "sweet hydrocarbon liquid") return "none";
  if (substance === null) return "may be";
  return free.has(substance.id) || substance.kind === "pure" ? "none" : "in its nature";
}

export const sulphidation = rule({
  id: "envelope/sulphidation",
  asks: "Steel in hot sulphur-bearing oil",
  source: "Above 260 °C sulphur eats steel with less than 5 % chromium (API RP 939-C, indicative)",
  inputs: ["temperature", "sulphur", "service family", "substance", "body grade", "trim"],
  hangsOn: ["line", "grade", "trim"],
  unraised: (duty) => {
    if (sulphurIn(duty) === "none") return "No sulphur-bearing oil.";
    const hot = hottest(duty);
    return hot !== null && hot.temperatureC! <= fromC ? "Too cool for sulphur to eat steel." : null;
  },
  examine: ({ valve, duty }) => {
    const hot = hottest(duty);
    if (hot === null) return cannotTell("a temperature");
    const weak = [...bodyMetal(valve), ...trimMetals(valve)].find(
      ({ metal }) => metal !== null && (metalLimits(metal)?.carbonSteel || metalLimits(metal)?.copperAlloy),
    );
    const carries = sulphurIn(duty);
    const seen = {
      value: hot.temperatureC,
      limit: weak ? fromC : null,
      unit: "°C" as const,
      sense: "≤" as const,
      caseId: hot.id,
      caseName: hot.name,
      uses: [
        ...temperatureOf(hot),
        used(
          "sulphur",
          carries === "may be" ? "not stated" : carries,
          carries === "stated" ? "entered" : "assumed",
        ),
        used(weak?.part ?? "body", weak?.metal ?? valve.grade.metal ?? valve.grade.grade, "catalogue"),
      ],
    };
    if (weak === undefined) return plain("holds", "Enough chromium to stand hot sulphur.", seen);
    return carries === "may be"
      ? cannotTell("the oil's sulphur, above 260 °C", { uses: seen.uses })
      : plain("fails", `Sulphur in hot oil eats ${weak.metal}.`, {
          ...seen,
          remedy: "5 to 9 % chromium steel, or stainless.",
        });
  },
});
