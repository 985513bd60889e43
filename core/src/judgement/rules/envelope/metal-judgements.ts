import type { HouseRules } from "../../../basis/house/house-rules.ts";
import { type MetalLimits, metalLimits } from "../../../basis/reference/metals.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { against, inMargin } from "../compare.ts";
import { isGraver } from "../graver.ts";
import { hazardsUsed, stated, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { worstPressure } from "../worst.ts";

/** A wetted metal part; `metal` is its name in the tables, null where they do not have it. */
export interface MetalPart {
  readonly part: string;
  readonly metal: string | null;
}

/**
 * Judges each part and keeps the gravest; parts that the tables do not have are *cannot tell*.
 *
 * @param parts wetted metal parts
 * @param what the limit that is missing where the tables do not have a part
 * @param judge judges one part
 * @returns the gravest outcome; *not asked* without parts
 */
export function gravestPart(
  parts: readonly MetalPart[],
  what: string,
  judge: (part: MetalPart & { metal: string }, limits: MetalLimits) => Outcome,
): Outcome {
  let worst: Outcome | null = null;
  for (const { part, metal } of parts) {
    const limits = metal === null ? undefined : metalLimits(metal);
    const outcome =
      metal === null || !limits
        ? cannotTell(`${what} of the ${part}'s material`)
        : judge({ part, metal }, limits);
    if (worst === null || isGraver(outcome, worst)) worst = outcome;
  }
  return worst ?? notAsked("The valve has no such part.");
}

/**
 * Sour service, where it applies: each metal against the partial pressure of hydrogen sulphide.
 *
 * @param parts wetted metal parts
 * @param duty settled duty
 * @param house partial pressure from which a service is sour
 * @returns the gravest part's outcome; *cannot tell* where the family is
 *   sour and no partial pressure is stated
 * @source ISO 15156 (NACE MR0175), limits of metals (indicative)
 */
export function sourLimits(parts: readonly MetalPart[], duty: SettledDuty, house: HouseRules): Outcome {
  const entered = duty.stated.fluid.h2sKPa;
  if (entered === null && duty.families.has("sour hydrocarbon")) return cannotTell("partial pressure of H₂S");
  const uses = [
    stated("partial pressure of H₂S", duty.h2sKPa, entered, "kPa"),
    used("threshold of sour service", house.sourFromKPa, "house rule", "kPa"),
  ];
  return gravestPart(parts, "sour-service limit", ({ part, metal }, limits) => {
    const judgedUses = [...uses, used(part, metal, "catalogue")];
    if (!limits.sour)
      return plain("fails", `${metal} cracks in sour service.`, {
        value: metal,
        limit: "not in sour service",
        uses: judgedUses,
        remedy: "Use a metal qualified for sour service.",
      });
    if (limits.h2sLimitKPa === null)
      return plain("holds", `${metal} is qualified for sour service at controlled hardness.`, {
        value: metal,
        uses: judgedUses,
      });
    const measured = against(duty.h2sKPa, limits.h2sLimitKPa, house.pressureMargin / 100);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? `The H₂S partial pressure exceeds the limit of ${metal}.`
        : measured.verdict === "tight"
          ? `The H₂S partial pressure is close to the limit of ${metal}.`
          : `The H₂S partial pressure is within the limit of ${metal} at controlled hardness.`,
      {
        value: duty.h2sKPa,
        limit: limits.h2sLimitKPa,
        sense: "≤",
        unit: "kPa",
        remedy:
          measured.verdict === "fails"
            ? "Use a nickel alloy, or a low-alloy steel of controlled hardness."
            : null,
        uses: [...judgedUses, used(`limit of ${metal}`, limits.h2sLimitKPa, "reference", "kPa")],
      },
      inMargin(measured, "%"),
    );
  });
}

/**
 * Hydrogen, where there is any: high-hardness steels and titanium embrittle.
 *
 * @param parts wetted metal parts
 * @param duty settled duty
 * @returns the gravest part's outcome
 * @source limits of metals (indicative)
 */
export function hydrogenJudged(parts: readonly MetalPart[], duty: SettledDuty): Outcome {
  return gravestPart(parts, "hydrogen limit", ({ part, metal }, { hydrogen }) =>
    plain(
      hydrogen === "yes" ? "holds" : hydrogen === "limited" ? "tight" : "fails",
      hydrogen === "yes"
        ? `${metal} is suitable for hydrogen.`
        : hydrogen === "limited"
          ? `${metal} is suitable for hydrogen at limited hardness and temperature.`
          : `${metal} embrittles in hydrogen.`,
      {
        value: metal,
        limit: hydrogen,
        remedy: hydrogen === "no" ? "Use an austenitic steel." : null,
        uses: [
          hazardsUsed(duty),
          used(part, metal, "catalogue"),
          used(`${metal} in hydrogen`, hydrogen, "reference"),
        ],
      },
    ),
  );
}

/**
 * Oxygen, where there is any: each metal against its pressure limit where the stream impinges.
 *
 * @param parts wetted metal parts
 * @param duty settled duty
 * @param house pressure margin
 * @returns the gravest part's outcome
 * @source limits of metals (indicative); oxygen practice for impingement sites
 */
export function oxygenJudged(parts: readonly MetalPart[], duty: SettledDuty, house: HouseRules): Outcome {
  const pressure = worstPressure(duty);
  if (pressure === null) return cannotTell("highest pressure");
  return gravestPart(parts, "oxygen limit", ({ part, metal }, { oxygenLimitBarG }) => {
    const measured = against(pressure, oxygenLimitBarG, house.pressureMargin / 100);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? `${metal} can ignite where oxygen impinges at this pressure.`
        : `${metal} is suitable for oxygen at this pressure.`,
      {
        value: pressure,
        limit: oxygenLimitBarG,
        sense: "≤",
        unit: "bar g",
        remedy: measured.verdict === "fails" ? "Use a copper or nickel alloy at impingement sites." : null,
        uses: [
          used("highest pressure", pressure, "entered", "bar g"),
          used(part, metal, "catalogue"),
          used(`limit of ${metal} in oxygen`, oxygenLimitBarG, "reference", "bar g"),
        ],
      },
      inMargin(measured, "%"),
    );
  });
}
