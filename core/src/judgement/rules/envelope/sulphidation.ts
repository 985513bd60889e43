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

type Sulphur = "stated" | "by its nature" | "may be" | "none";

/** Whether the oil contains sulphur; if not stated, it may. */
function sulphurIn({ stated, substance, h2sKPa }: SettledDuty): Sulphur {
  const { sulphurPercent, family } = stated.fluid;
  if (sulphurPercent !== null) return sulphurPercent > 0 || h2sKPa > 0 ? "stated" : "none";
  if (h2sKPa > 0 || family === "sour hydrocarbon") return "by its nature";
  if (family !== "sweet hydrocarbon liquid") return "none";
  if (substance === null) return "may be";
  return free.has(substance.id) || substance.kind === "pure" ? "none" : "by its nature";
}

export const sulphidation = rule({
  id: "envelope/sulphidation",
  asks: "Sulphidation",
  source: "Above 260 °C sulphur corrodes steel with less than 5 % chromium (API RP 939-C, indicative)",
  inputs: ["temperature", "sulphur", "service family", "substance", "body grade", "trim"],
  dependsOn: ["line", "grade", "trim"],
  notApplicableBecause: (duty) => {
    if (sulphurIn(duty) === "none") return "The fluid is not a sulphur-bearing oil.";
    const hot = hottest(duty);
    return hot !== null && hot.temperatureC! <= fromC ? "The temperature is too low for sulphidation." : null;
  },
  examine: ({ valve, duty }) => {
    const hot = hottest(duty);
    if (hot === null) return cannotTell("temperature");
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
    if (weak === undefined)
      return plain("holds", "The chromium content is sufficient against sulphidation.", seen);
    return carries === "may be"
      ? cannotTell("sulphur content of the oil above 260 °C", { uses: seen.uses })
      : plain("fails", `Sulphur in the hot oil corrodes ${weak.metal}.`, {
          ...seen,
          remedy: "Use a steel with 5 to 9 % chromium, or stainless steel.",
        });
  },
});
