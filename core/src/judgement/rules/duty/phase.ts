import { fluidNamed } from "../../../basis/reference/fluids.ts";
import { atmosphereBar } from "../../../basis/units/definitions.ts";
import { saturation } from "../../../duty/fluid/saturation.ts";
import type { SettledCase } from "../../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";

/** Compares the phase stated for a case with its pressure and temperature. */
interface Contradiction {
  readonly c: SettledCase;
  readonly boilsBarA: number;
  readonly method: string;
  readonly says: string;
}

const liquidBoils =
  "is stated as liquid but boils at its pressure and temperature. Correct one of the three values";
const gasCondenses =
  "is stated as gas but is liquid at its pressure and temperature. Correct one of the three values";
const steamIsWater =
  "is stated as steam but is water at its pressure and temperature. Correct one of the three values";

/** The phase of a pure fluid at the case, by its saturation pressure. */
function bySubstance(c: SettledCase, duty: SettledDuty): Contradiction | null {
  const fluid = duty.fluid ?? (c.phase === "steam" ? fluidNamed("steam")! : null);
  const boils = fluid === null ? null : saturation(fluid, c.temperatureC!);
  if (boils === null) return null;
  const barA = c.pressureBarG! + atmosphereBar;
  const as = (says: string) => ({ c, boilsBarA: boils.barA, method: boils.method, says });
  if (c.phase === "liquid") return barA < boils.barA * (1 - boils.uncertainty) ? as(liquidBoils) : null;
  if (barA <= boils.barA * (1 + boils.uncertainty)) return null;
  if (c.phase === "gas") return as(gasCondenses);
  return c.phase === "steam" ? as(steamIsWater) : null;
}

/** A stated vapour pressure belongs to the normal case and is too low for anything hotter. */
function byStated(c: SettledCase, duty: SettledDuty): Contradiction | null {
  const boilsBarA = duty.stated.fluid.vapourPressureBarA;
  const settledCase = duty.cases.find((operatingCase) => operatingCase.kind === "normal") ?? duty.cases[0]!;
  if (boilsBarA === null || c.phase !== "liquid" || settledCase.temperatureC === null) return null;
  if (c.temperatureC! < settledCase.temperatureC || c.pressureBarG! + atmosphereBar >= boilsBarA) return null;
  return { c, boilsBarA, method: "entered", says: liquidBoils };
}

export const phase = dutyRule({
  id: "duty/phase",
  asks: "Phase as stated",
  source:
    "Saturation of the substance (IAPWS-IF97 for water, else Lee–Kesler, indicative), or the vapour pressure entered",
  inputs: ["phase", "pressure", "temperature", "substance", "vapour pressure"],
  examine: ({ duty }) => {
    let asked = false;
    for (const c of duty.cases) {
      if (c.kind === "fire" || c.pressureBarG === null || c.temperatureC === null || c.phase === null)
        continue;
      asked = true;
      const found = bySubstance(c, duty) ?? byStated(c, duty);
      if (found === null) continue;
      return cannotTell(`consistent phase: ${c.name} ${found.says}`, {
        value: c.phase,
        limit: found.boilsBarA,
        unit: "bar",
        caseId: c.id,
        caseName: c.name,
        uses: [
          used(`pressure, ${c.name}`, c.pressureBarG, "entered", "bar g"),
          used(`temperature, ${c.name}`, c.temperatureC, "entered", "°C"),
          used(
            `saturation pressure (${found.method})`,
            found.boilsBarA,
            found.method === "entered" ? "entered" : "estimate",
            "bar",
          ),
        ],
      });
    }
    return asked
      ? plain("holds", "The stated phase agrees with the data of the fluid.", {
          uses: [
            used(
              "substance",
              duty.fluid?.name ?? "not stated",
              duty.substance === null ? "assumed" : "entered",
            ),
          ],
        })
      : notAsked("No case states phase, pressure and temperature.");
  },
});
