import { hydrogenLimitC } from "../../../basis/reference/attack.ts";
import { atmosphereBar } from "../../../basis/units/definitions.ts";
import type { SettledCase } from "../../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { notAsked } from "../outcome.ts";
import { overCases } from "../over-cases.ts";
import { noHydrogen } from "../raised.ts";
import { rule } from "../rule.ts";

/** Closer than this to the curve counts as close, K: the curve moves with every edition. */
const closeK = 20;

/** Hydrogen in a case: as stated, else its full pressure. */
const hydrogenIn = (c: SettledCase, { stated }: SettledDuty): number | null =>
  stated.fluid.hydrogenBarA ?? (c.pressureBarG === null ? null : c.pressureBarG + atmosphereBar);

export const hydrogenAttack = rule({
  id: "envelope/hydrogen-attack",
  asks: "Steel in hot hydrogen",
  source: "Hydrogen partial pressure and temperature by steel (API RP 941, indicative)",
  inputs: ["hydrogen partial pressure", "pressure", "temperature", "body grade"],
  dependsOn: ["line", "grade"],
  notApplicableBecause: noHydrogen,
  examine: ({ valve, duty }) => {
    const { metal } = valve.grade;
    if (!valve.construction.bodyWetted || metal === null || hydrogenLimitC(metal, 0) === null)
      return notAsked("The body metal is not subject to hydrogen attack.");
    const origin = duty.stated.fluid.hydrogenBarA === null ? "assumed" : "entered";
    return overCases(duty.cases, {
      unit: "°C",
      marginUnit: "K",
      sense: "≤",
      measure: (c) => {
        if (c.temperatureC === null) return { missing: "temperature" };
        const bar = hydrogenIn(c, duty);
        if (bar === null) return { missing: "pressure" };
        return kelvinTo(c.temperatureC, hydrogenLimitC(metal, bar)!, "≤", closeK);
      },
      says: (verdict) =>
        verdict === "fails"
          ? "Hydrogen at this temperature and pressure decarburises the steel, which cracks."
          : verdict === "tight"
            ? "The temperature is close to the hydrogen attack curve. Check the edition of API RP 941 in force."
            : "The temperature is below the hydrogen attack curve.",
      remedy: (verdict) => (verdict === "holds" ? null : "Use a chromium–molybdenum or austenitic body."),
      uses: (c) => [
        ...temperatureOf(c),
        used(`hydrogen, ${c.name}`, hydrogenIn(c, duty) ?? 0, origin, "bar"),
        used("body", metal, "catalogue"),
      ],
    });
  },
});
