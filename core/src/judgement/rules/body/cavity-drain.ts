import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";
import { coldestOf } from "../worst.ts";

/** The coldest case in service; an idle line in the cold is judged by another rule. */
const coldestCase = ({ cases }: SettledDuty) => coldestOf(cases);

export const cavityDrain = rule({
  id: "body/cavity-drain",
  asks: "Test water in the cavity",
  source: "Test water freezes in a cavity without a drain",
  inputs: ["temperature", "vent and drain"],
  dependsOn: ["line"],
  tight: "mild",
  notApplicableBecause: (duty) => {
    const cold = coldestCase(duty);
    return cold !== null && cold.temperatureC! > 0 ? "The temperature is never below freezing." : null;
  },
  examine: ({ valve, duty }) => {
    if (!valve.construction.holdsCavity) return notAsked("The body has no cavity.");
    const cold = coldestCase(duty);
    if (cold === null) return cannotTell("temperature");
    return fits(
      valve.line.ventAndDrain,
      {
        holds: "The cavity can be drained before cold service.",
        fails:
          "Test water stays in the cavity and freezes. Dry the cavity after the test and state this on the sheet.",
      },
      {
        value: cold.temperatureC!,
        limit: 0,
        unit: "°C",
        sense: "≥",
        decides: valve.line.ventAndDrain ? "fitted" : null,
        caseName: cold.name,
        uses: [
          ...temperatureOf(cold),
          used("vent and drain", valve.line.ventAndDrain ? "fitted" : "none", "catalogue"),
        ],
      },
      "tight",
    );
  },
});
