import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { isPassing } from "../../../duty/statement/case-kinds.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { freezingPoint, setsAtUnknown } from "../freezing-point.ts";
import { temperatureOf } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { coldestOf } from "../worst.ts";

/** The coldest case in which liquid can be there: a gas that passes by sets in no drained cavity. */
const coldestWet = ({ cases }: SettledDuty) =>
  coldestOf(cases.filter((c) => !(c.phase === "gas" && isPassing(c.kind))));

export const freezing = rule({
  id: "envelope/freezing",
  asks: "Freezing in the body",
  source: "The fluid sets below the stated temperature, else below its triple point (fluid table)",
  inputs: ["temperature", "substance", "freezing or crystallising temperature", "construction"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) =>
    freezingPoint(duty) === null && !setsAtUnknown(duty)
      ? "The duty names no substance and no freezing temperature."
      : coldestOf(duty.cases) !== null && coldestWet(duty) === null
        ? "The body holds no liquid."
        : null,
  examine: ({ valve, duty }) => {
    const freezes = freezingPoint(duty);
    const cold = coldestWet(duty);
    if (cold === null) return cannotTell("temperature");
    const unknown = setsAtUnknown(duty);
    if (freezes === null || (unknown && cold.temperatureC! >= freezes.c))
      return cannotTell("temperature at which the fluid freezes or crystallises");
    const jacketed = duty.stated.jacketC !== null && valve.line.jacket !== null;
    const reading = {
      value: cold.temperatureC!,
      limit: freezes.c,
      unit: "°C" as const,
      sense: "≥" as const,
      caseId: cold.id,
      caseName: cold.name,
      uses: [...temperatureOf(cold), freezes.use],
    };
    const margin = inMargin(kelvinTo(cold.temperatureC!, freezes.c, "≥", 0), "K", false);
    if (cold.temperatureC! >= freezes.c) return plain("holds", "The fluid stays liquid.", reading, margin);
    if (jacketed)
      return plain(
        "tight",
        "The jacket keeps the fluid liquid. If the jacket fails, the valve locks.",
        reading,
        margin,
      );
    return valve.construction.holdsCavity
      ? plain(
          "fails",
          "The fluid freezes in the cavity and locks the valve.",
          {
            ...reading,
            remedy: "Use tracing or a jacket, or drain the valve before it gets cold.",
          },
          margin,
        )
      : plain(
          "tight",
          "The fluid freezes in the bore. The body has no cavity that could lock.",
          reading,
          margin,
        );
  },
});
