import { causticLimitC } from "../../../basis/reference/attack.ts";
import { metalLimits } from "../../../basis/reference/metals.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { gravityOf, type Used } from "../finding.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { rule } from "../rule.ts";
import { hottestWithFluid } from "../worst.ts";
import { strengthsUsed } from "./in-solution.ts";
import { bodyMetal, trimMetals } from "./wetted.ts";

/** Stronger than this, caustic cracks austenitic and duplex steel: close from the first, surely from the second. */
const strongPercent = 20;
const austenitic = { tightFromC: 80, failsFromC: 100 };
const stainless = /^(austenitic|22Cr|25Cr|6Mo|13Cr|17-4PH)/;

/** Where caustic is close to cracking a metal, and where it cracks it; null for a metal it does not crack. */
function endsOf(metal: string, percent: number | null): { tightC: number; failsC: number } | null {
  if (metalLimits(metal)?.carbonSteel) {
    const limit = causticLimitC(percent);
    return { tightC: limit, failsC: limit };
  }
  if (!stainless.test(metal)) return null;
  const strong = percent === null || percent > strongPercent;
  return {
    tightC: strong ? austenitic.tightFromC : austenitic.failsFromC,
    failsC: strong ? austenitic.failsFromC : 150,
  };
}

/** The caustic of a duty; null where its substance is another solution, which tells no strength of caustic. */
const causticOf = ({ solution }: SettledDuty) => (solution?.family === "caustic" ? solution : null);

/** The strongest caustic that counts, percent; null where no strength is known. */
function strongestOf(duty: SettledDuty): number | null {
  const percents = (causticOf(duty)?.strengths ?? []).map(({ percent }) => percent);
  return percents.length === 0 ? null : Math.max(...percents);
}

export const causticCracking = rule({
  id: "envelope/caustic-cracking",
  asks: "Steel in caustic",
  source:
    "Strength and temperature at which caustic cracks steel without stress relief (practice, indicative)",
  inputs: ["service family", "strength of the solution", "temperature", "body grade", "trim"],
  dependsOn: ["line", "grade", "trim"],
  notApplicableBecause: (duty) => (duty.families.has("caustic") ? null : "The fluid is not caustic."),
  examine: ({ valve, duty }) => {
    const hot = hottestWithFluid(duty);
    if (hot === null) return cannotTell("temperature");
    let worst: Outcome | null = null;
    for (const { part, metal } of [...bodyMetal(valve), ...trimMetals(valve)]) {
      const ends = metal === null ? null : endsOf(metal, strongestOf(duty));
      if (ends === null) continue;
      const outcome = judged(part, metal!, ends, hot, duty);
      if (worst === null || gravityOf(outcome.verdict) > gravityOf(worst.verdict)) worst = outcome;
    }
    return worst ?? notAsked("No wetted part is of a steel that cracks in caustic.");
  },
});

function strengthUsesOf(duty: SettledDuty): Used[] {
  const caustic = causticOf(duty);
  return caustic === null
    ? [used("strength of the solution", "not stated: every strength", "assumed")]
    : strengthsUsed(caustic);
}

function judged(
  part: string,
  metal: string,
  { tightC, failsC }: { tightC: number; failsC: number },
  hot: SettledDuty["cases"][number],
  duty: SettledDuty,
): Outcome {
  const t = hot.temperatureC!;
  const verdict =
    t > failsC || (t >= failsC && failsC > tightC)
      ? "fails"
      : t >= tightC && failsC > tightC
        ? "tight"
        : "holds";
  return plain(
    verdict,
    verdict === "fails"
      ? `${metal} can crack in caustic at this temperature.`
      : verdict === "tight"
        ? `The temperature is close to the cracking limit of ${metal} in caustic. Do not steam-trace the valve.`
        : `The temperature is below the cracking limit of ${metal} in caustic.`,
    {
      value: t,
      limit: verdict === "tight" ? failsC : verdict === "fails" ? failsC : tightC,
      unit: "°C",
      sense: "≤",
      caseId: hot.id,
      caseName: hot.name,
      remedy: "Use a nickel alloy. For carbon steel, order stress-relieved welds and keep the line cooler.",
      uses: [...temperatureOf(hot), ...strengthUsesOf(duty), used(part, metal, "catalogue")],
    },
    inMargin(kelvinTo(t, failsC, "≤", 0), "K", false),
  );
}
