import { metalLimits } from "../../../basis/reference/metals.ts";
import { atmosphereBar } from "../../../basis/units/definitions.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { stated, used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { coldestOf, worstPressure } from "../worst.ts";

/** Whether the fluid itself is carbon dioxide. */
const isCarbonDioxide = ({ families }: SettledDuty) => families.has("carbon dioxide dense phase");

type Water = "free water" | "below the dew point" | "dry" | "not stated";

function waterIn({ stated: { fluid }, cases }: SettledDuty): Water {
  if (fluid.freeWater === true) return "free water";
  const cold = coldestOf(cases);
  if (fluid.waterDewPointC !== null && cold !== null)
    return cold.temperatureC! <= fluid.waterDewPointC ? "below the dew point" : "dry";
  return fluid.freeWater === false ? "dry" : "not stated";
}

/** Whether free water and dew point are both stated; if one is not, the other replaces it. */
const isStatedWet = ({ stated: { fluid } }: SettledDuty) =>
  fluid.freeWater !== null && fluid.waterDewPointC !== null;

export const wetCarbonDioxide = rule({
  id: "envelope/wet-carbon-dioxide",
  asks: "Carbon steel in wet CO₂",
  source:
    "Carbonic acid corrodes bare carbon steel where water is present (manner of NORSOK M-506, house rule)",
  inputs: [
    "carbon dioxide partial pressure",
    "service family",
    "free water",
    "water dew point",
    "body grade",
    "house rule: wet CO₂",
  ],
  dependsOn: ["line", "grade"],
  notApplicableBecause: (duty) =>
    isCarbonDioxide(duty) || (duty.stated.fluid.carbonDioxideBarA ?? 0) > 0
      ? null
      : "The fluid contains no carbon dioxide.",
  examine: ({ valve, duty, house }) => {
    if (
      !valve.construction.bodyWetted ||
      valve.grade.metal === null ||
      !metalLimits(valve.grade.metal)?.carbonSteel
    )
      return notAsked("No carbon steel touches the CO₂.");
    const entered = duty.stated.fluid.carbonDioxideBarA;
    const whole = worstPressure(duty);
    const bar = entered ?? (whole === null ? null : whole + atmosphereBar);
    const water = waterIn(duty);
    const uses = [
      ...(bar === null ? [] : [stated("CO₂", bar, entered, "bar")]),
      used("water", water, isStatedWet(duty) ? "entered" : "assumed"),
      used("body", valve.grade.grade, "catalogue"),
    ];
    if (water === "dry")
      return plain("holds", "Dry CO₂ does not corrode carbon steel.", {
        value: water,
        limit: valve.grade.metal,
        uses,
      });
    if (bar === null) return cannotTell("partial pressure of CO₂", { uses });
    const seen = {
      value: bar,
      limit: bar > house.wetCo2FailsBar ? house.wetCo2FailsBar : house.wetCo2TightBar,
      unit: "bar" as const,
      sense: "≤" as const,
      uses,
    };
    if (bar <= house.wetCo2TightBar)
      return plain("holds", "The CO₂ partial pressure is too low for significant corrosion.", seen);
    if (bar <= house.wetCo2FailsBar)
      return plain(
        "tight",
        "Carbonic acid corrodes carbon steel slowly. Add a corrosion allowance, or use an inhibitor.",
        seen,
      );
    return water === "not stated"
      ? cannotTell("free water or water dew point", { uses })
      : plain("fails", "Carbonic acid corrodes carbon steel.", {
          ...seen,
          remedy: "Use stainless or duplex steel, or dry the gas.",
        });
  },
});
