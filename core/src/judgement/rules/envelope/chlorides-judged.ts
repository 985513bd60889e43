import type { HouseRules } from "../../../basis/house/house-rules.ts";
import {
  type ChlorideCurve,
  chlorideCurves,
  contentLimitMgL,
  temperatureLimitC,
} from "../../../basis/reference/chloride-limits.ts";
import type { SettledCase } from "../../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import type { Used } from "../finding.ts";
import { isGraver } from "../graver.ts";
import { stated, temperatureOf, used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { hottestWithFluid } from "../worst.ts";
import { type ChlorideSeverity, chlorideSeverity } from "./chloride-severity.ts";
import { gravestPart, type MetalPart } from "./metal-judgements.ts";

/** What every judgement of one duty in chlorides shares. */
interface Exposure {
  readonly chlorides: number;
  readonly hot: SettledCase;
  readonly severity: ChlorideSeverity;
  readonly marginK: number;
}

/** Pits and crevices start above a content that falls with the temperature. */
function byContent(metal: string, curve: ChlorideCurve, exposure: Exposure, uses: readonly Used[]): Outcome {
  const { chlorides, hot, severity, marginK } = exposure;
  const { mechanism } = curve;
  // Three digits are more than these figures are worth.
  const limitAt = (c: number) => Number((contentLimitMgL(curve, c) * severity.contentFactor).toPrecision(3));
  const limit = limitAt(hot.temperatureC!);
  const verdict =
    chlorides > limit ? "fails" : chlorides > limitAt(hot.temperatureC! + marginK) ? "tight" : "holds";
  return plain(
    verdict,
    verdict === "fails"
      ? mechanism === "pitting"
        ? `${metal} pits at this chloride content and temperature.`
        : `${metal} suffers crevice corrosion at this chloride content and temperature.`
      : verdict === "tight"
        ? `${mechanism === "pitting" ? "Pitting" : "Crevice corrosion"} of ${metal} starts at a slightly higher temperature.`
        : "The metal is suitable for this chloride content and temperature.",
    {
      value: chlorides,
      limit,
      sense: "≤",
      unit: "mg/l",
      caseId: hot.id,
      caseName: hot.name,
      remedy: verdict === "holds" ? null : "Use a metal with more molybdenum, a nickel alloy or a lining.",
      uses: [...uses, used(`${mechanism} of ${metal} above`, limit, "reference", "mg/l")],
    },
  );
}

/** Stress cracking starts at a temperature that falls with the content. */
function byTemperature(
  metal: string,
  curve: ChlorideCurve,
  { chlorides, hot, severity, marginK }: Exposure,
  uses: readonly Used[],
): Outcome {
  const fromC = temperatureLimitC(curve, chlorides * severity.acidity) + severity.crackingShiftK;
  const measured = kelvinTo(hot.temperatureC!, fromC, "≤", marginK);
  return plain(
    measured.verdict,
    measured.verdict === "fails"
      ? `${metal} can crack in chlorides at this temperature.`
      : measured.verdict === "tight"
        ? `The temperature is close to the chloride cracking limit of ${metal}.`
        : `The temperature is below the chloride cracking limit of ${metal}.`,
    {
      value: hot.temperatureC,
      limit: fromC,
      sense: "≤",
      unit: "°C",
      caseId: hot.id,
      caseName: hot.name,
      remedy: measured.verdict === "fails" ? "Use duplex, super duplex or a nickel alloy." : null,
      uses: [...uses, used(`chloride cracking of ${metal} from`, fromC, "reference", "°C")],
    },
    inMargin(measured, "K"),
  );
}

/**
 * Chlorides, where there are any: pitting, crevice corrosion and stress cracking by content and temperature together.
 * Acid water counts as more chlorides, water free of oxygen moves the limits up. Only cases that carry the fluid count.
 *
 * @param parts wetted metal parts
 * @param duty settled duty
 * @param house temperature margin
 * @returns the gravest outcome of all parts and mechanisms
 * @source reference/chloride-limits.csv (practice, indicative)
 */
export function chloridesJudged(parts: readonly MetalPart[], duty: SettledDuty, house: HouseRules): Outcome {
  const hot = hottestWithFluid(duty);
  if (hot === null) return cannotTell("temperature");
  const severity = chlorideSeverity(duty);
  const exposure = { chlorides: duty.chloridesMgL, hot, severity, marginK: house.temperatureMarginC };
  const shared = [
    stated("chlorides", duty.chloridesMgL, duty.stated.fluid.chloridesMgL, "mg/l"),
    ...severity.uses,
    ...temperatureOf(hot),
  ];
  return gravestPart(parts, "chloride limit", ({ part, metal }) => {
    const uses = [...shared, used(part, metal, "catalogue")];
    const outcomes = chlorideCurves(metal).map((curve) =>
      (curve.mechanism === "cracking" ? byTemperature : byContent)(metal, curve, exposure, uses),
    );
    return outcomes.length === 0
      ? plain("holds", "Chlorides alone do not attack the metal.", { value: metal, uses })
      : outcomes.reduce((worst, outcome) => (isGraver(outcome, worst) ? outcome : worst));
  });
}
