import { metalLimits } from "../../../basis/reference/metals.ts";
import { inHand, kelvinTo } from "../compare.ts";
import { gravityOf } from "../finding.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";
import { bodyMetal, trimMetals } from "./wetted.ts";

export const seawaterCrevice = rule({
  id: "envelope/seawater-crevice",
  asks: "Crevices in seawater",
  source: "Temperature up to which a metal's crevices stand aerated seawater (NORSOK M-001, indicative)",
  inputs: ["service family", "substance", "temperature", "body grade", "trim"],
  hangsOn: ["line", "grade", "trim"],
  unraised: ({ stated, substance }) =>
    stated.fluid.family !== "seawater and brine"
      ? "No seawater."
      : substance?.id === "produced-water"
        ? "Produced water carries no oxygen; its chlorides are judged."
        : null,
  examine: ({ valve, duty }) => {
    const hot = hottest(duty);
    if (hot === null) return cannotTell("a temperature");
    const t = hot.temperatureC!;
    let worst: Outcome | null = null;
    for (const { part, metal } of [...bodyMetal(valve), ...trimMetals(valve)]) {
      const limits = metal === null ? undefined : metalLimits(metal);
      if (limits === undefined) {
        if (worst === null || gravityOf(worst.verdict) < gravityOf("cannot tell"))
          worst = cannotTell(`crevice temperature of the ${part}'s material`);
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
          ? `Crevices of ${metal} corrode in seawater this warm.`
          : verdict === "tight"
            ? `Close to where crevices of ${metal} corrode: weld overlay on the sealing faces, or a cooler line.`
            : "Cool enough for its crevices.",
        {
          value: t,
          limit: measured.limit,
          unit: "°C",
          sense: "≤",
          caseId: hot.id,
          caseName: hot.name,
          remedy: "Nickel aluminium bronze, titanium or a lining.",
          uses: [...temperatureOf(hot), used(part, metal!, "catalogue")],
        },
        inHand(measured, "K", false),
      );
    }
    return (
      worst ??
      (valve.construction.bodyWetted
        ? plain("holds", "Nothing bare has crevices to fear.")
        : notAsked("A lining keeps the seawater off."))
    );
  },
});
