import { atmosphereBar } from "../../../basis/units/definitions.ts";
import { type EstimatedPhase, estimateState } from "../../../duty/fluid/estimate.ts";
import type { SettledCase } from "../../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";

/** Difference from the estimate, as a share of it, above which the values contradict each other. */
const allowedShare = { pure: 0.2, mixture: 0.4 } as const;

/** The case a stated density belongs to: the first normal one, else the first. */
const caseOfDensity = ({ cases }: SettledDuty): SettledCase | undefined =>
  cases.find(({ kind }) => kind === "normal") ?? cases[0];

const isLiquid = (phase: EstimatedPhase | SettledCase["phase"]) => phase === "liquid";

export const densityOfFluid = dutyRule({
  id: "duty/density-of-fluid",
  asks: "Density of the substance",
  source:
    "Density estimated from substance or composition (Peng–Robinson, Rackett, thermal expansion) at the normal case",
  inputs: ["density", "substance", "composition", "pressure", "temperature"],
  notApplicableBecause: ({ stated, fluid }) =>
    stated.fluid.densityKgM3 === null
      ? "No density is stated."
      : fluid === null
        ? "Neither substance nor composition is stated."
        : null,
  examine: ({ duty }) => {
    const fluid = duty.fluid!;
    const entered = duty.stated.fluid.densityKgM3!;
    const operatingCase = caseOfDensity(duty);
    if (
      operatingCase === undefined ||
      operatingCase.pressureBarG === null ||
      operatingCase.temperatureC === null
    )
      return notAsked("No normal case states both pressure and temperature.");
    const { pressureBarG, temperatureC, phase, name } = operatingCase;
    const state = estimateState(fluid, temperatureC, pressureBarG + atmosphereBar);
    if (state.densityKgM3 === null) return notAsked("The density of this fluid cannot be estimated.");
    if (phase !== null && isLiquid(phase) !== isLiquid(state.phase))
      return notAsked("Phase and estimate differ. The phase is examined separately.");
    const { value, method } = state.densityKgM3;
    const agrees = Math.abs(entered - value) <= allowedShare[fluid.kind] * value;
    return plain(
      agrees ? "holds" : "tight",
      agrees
        ? "The stated density agrees with the estimate for the fluid."
        : "The stated density contradicts the fluid at the pressure and temperature of the case.",
      {
        value: entered,
        limit: value,
        unit: "kg/m³",
        caseId: operatingCase.id,
        caseName: name,
        remedy: agrees
          ? null
          : "Correct the density, the substance, or the pressure and temperature of the case.",
        uses: [
          used("density", entered, "entered", "kg/m³"),
          used(`density of ${fluid.name} (${method})`, value, "estimate", "kg/m³"),
          used(`pressure, ${name}`, pressureBarG, "entered", "bar g"),
          used(`temperature, ${name}`, temperatureC, "entered", "°C"),
        ],
      },
    );
  },
});
