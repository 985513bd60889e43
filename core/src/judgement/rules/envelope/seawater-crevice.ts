import { metalLimits } from "../../../basis/reference/metals.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { gravityOf } from "../finding.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { rule } from "../rule.ts";
import { hottestWithFluid } from "../worst.ts";
import { isFreeOfOxygen } from "./chloride-severity.ts";
import { bodyMetal, trimMetals } from "./wetted.ts";

export const seawaterCrevice = rule({
  id: "envelope/seawater-crevice",
  asks: "Crevice corrosion in seawater",
  source: "Highest temperature without crevice corrosion in aerated seawater (NORSOK M-001, indicative)",
  inputs: ["service family", "substance", "dissolved oxygen", "temperature", "body grade", "trim"],
  dependsOn: ["line", "grade", "trim"],
  notApplicableBecause: ({ families, substance, stated }) =>
    !families.has("seawater and brine")
      ? "The fluid is not seawater."
      : substance?.id === "produced-water"
        ? "Produced water is free of oxygen. Its chlorides are examined separately."
        : isFreeOfOxygen(stated.fluid.oxygenMgL)
          ? "The seawater is free of oxygen. Its chlorides are examined separately."
          : null,
  examine: ({ valve, duty }) => {
    const hot = hottestWithFluid(duty);
    if (hot === null) return cannotTell("temperature");
    const t = hot.temperatureC!;
    let worst: Outcome | null = null;
    for (const { part, metal } of [...bodyMetal(valve), ...trimMetals(valve)]) {
      const limits = metal === null ? undefined : metalLimits(metal);
      if (limits === undefined) {
        if (worst === null || gravityOf(worst.verdict) < gravityOf("cannot tell"))
          worst = cannotTell(`crevice corrosion temperature of the ${part} material`);
        continue;
      }
      const { creviceC } = limits;
      if (creviceC === null) continue;
      const measured = kelvinTo(t, t <= creviceC.holds ? creviceC.holds : creviceC.tight, "≤", 0);
      const verdict = t <= creviceC.holds ? "holds" : t <= creviceC.tight ? "tight" : "fails";
      if (worst !== null && gravityOf(verdict) <= gravityOf(worst.verdict)) continue;
      worst = plain(
        verdict,
        verdict === "fails"
          ? `${metal} suffers crevice corrosion in seawater at this temperature.`
          : verdict === "tight"
            ? `The temperature is close to the crevice corrosion limit of ${metal}. Use weld overlay on the sealing faces, or a cooler line.`
            : "The temperature is below the crevice corrosion limit.",
        {
          value: t,
          limit: measured.limit,
          unit: "°C",
          sense: "≤",
          caseId: hot.id,
          caseName: hot.name,
          remedy: "Use nickel aluminium bronze, titanium or a lining.",
          uses: [...temperatureOf(hot), used(part, metal!, "catalogue")],
        },
        inMargin(measured, "K", false),
      );
    }
    return (
      worst ??
      (valve.construction.bodyWetted
        ? plain("holds", "No wetted metal is subject to crevice corrosion.")
        : notAsked("The lining separates the seawater from the metal."))
    );
  },
});
