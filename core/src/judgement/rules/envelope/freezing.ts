import { saturation } from "../../../duty/fluid/saturation.ts";
import type { SettledCase } from "../../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { isPassing } from "../../../duty/statement/case-kinds.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { type FreezingPoint, freezingPoint, setsAtUnknown } from "../freezing-point.ts";
import { stated, temperatureOf } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { rule } from "../rule.ts";
import { coldestOf } from "../worst.ts";

const passesAsGas = (c: SettledCase) => c.phase === "gas" && isPassing(c.kind);

/** Whether a fluid falls as snow where its gas expands to the atmosphere: its triple point lies above it. */
const falls = ({ fluid }: SettledDuty) =>
  fluid !== null && (saturation(fluid, fluid.triplePointC)?.barA ?? 0) > 1.1;

/** Cases in which the fluid can set: a gas that passes by sets in no drained cavity, unless it falls as snow. */
function settingIn(duty: SettledDuty): SettledCase[] {
  const below = freezingPoint(duty)?.c ?? Number.NEGATIVE_INFINITY;
  const snows = falls(duty);
  return duty.cases.filter(
    (c) => !passesAsGas(c) || (snows && c.temperatureC !== null && c.temperatureC < below),
  );
}

/** The case that decides: one in which the valve must move before one in which it rests, then the coldest. */
function deciding(cases: readonly SettledCase[], freezesC: number): SettledCase | null {
  const frozen = cases.filter((c) => c.temperatureC !== null && c.temperatureC < freezesC);
  return coldestOf(frozen.filter((c) => c.moved !== false)) ?? coldestOf(frozen) ?? coldestOf(cases);
}

export const freezing = rule({
  id: "envelope/freezing",
  asks: "Freezing in the body",
  source: "The fluid sets below the stated temperature, else below its triple point (fluid table)",
  inputs: [
    "temperature",
    "substance",
    "freezing or crystallising temperature",
    "whether the valve is moved in the case",
    "construction",
  ],
  dependsOn: ["line"],
  notApplicableBecause: (duty) =>
    freezingPoint(duty) === null && !setsAtUnknown(duty)
      ? "The duty names no substance and no freezing temperature."
      : coldestOf(duty.cases) !== null && coldestOf(settingIn(duty)) === null
        ? "The body holds no liquid."
        : null,
  examine: ({ valve, duty }) => {
    const freezes = freezingPoint(duty);
    const cold = deciding(settingIn(duty), freezes?.c ?? Number.NEGATIVE_INFINITY);
    if (cold === null) return cannotTell("temperature");
    const outcome = freezes === null ? null : judged(valve, duty, cold, freezes);
    // What crystallises may do so in a warmer case too; only a valve that locks anyhow is known to fail.
    return outcome === null || (setsAtUnknown(duty) && outcome.verdict !== "fails")
      ? cannotTell("temperature at which the fluid freezes or crystallises")
      : outcome;
  },
});

function judged(valve: Valve, duty: SettledDuty, cold: SettledCase, freezes: FreezingPoint): Outcome {
  const jacketed = duty.stated.jacketC !== null && valve.line.jacket !== null;
  const reading = {
    value: cold.temperatureC!,
    limit: freezes.c,
    unit: "°C" as const,
    sense: "≥" as const,
    caseId: cold.id,
    caseName: cold.name,
    uses: [
      ...temperatureOf(cold),
      freezes.use,
      stated(`valve is moved, ${cold.name}`, cold.moved ?? true, cold.moved),
    ],
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
  if (cold.moved === false)
    return plain(
      "tight",
      "The fluid freezes in the valve. Do not move the valve until it has warmed up and the solid is gone.",
      { ...reading, decides: "not moved", remedy: "Put this on the sheet and in the operating procedure." },
      margin,
    );
  if (!valve.construction.holdsCavity)
    return plain(
      "tight",
      "The fluid freezes in the bore. The body has no cavity that could lock.",
      reading,
      margin,
    );
  if (passesAsGas(cold) && cold.moved === null)
    return cannotTell(`whether the valve is moved in ${cold.name}`, {
      value: cold.temperatureC!,
      limit: freezes.c,
      unit: "°C",
      uses: reading.uses,
    });
  return plain(
    "fails",
    "The fluid freezes in the cavity and locks the valve.",
    {
      ...reading,
      remedy: "Use tracing or a jacket, drain the valve before it gets cold, or do not move it in this case.",
    },
    margin,
  );
}
