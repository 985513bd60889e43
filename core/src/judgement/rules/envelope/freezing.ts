import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { isPassing } from "../../../duty/statement/case-kinds.ts";
import { inHand, kelvinTo } from "../compare.ts";
import { temperatureOf, used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { coldestOf } from "../worst.ts";

/** The coldest case in which liquid can be there: a gas that passes by sets in no drained cavity. */
const coldestWet = ({ cases }: SettledDuty) =>
  coldestOf(cases.filter((c) => !(c.phase === "gas" && isPassing(c.kind))));

export const freezing = rule({
  id: "envelope/freezing",
  asks: "Fluid sets in the body",
  source: "Below its triple point the fluid is solid (table of fluids)",
  inputs: ["temperature", "substance", "construction"],
  hangsOn: ["line"],
  unraised: (duty) =>
    duty.fluid === null
      ? "No substance is picked."
      : coldestOf(duty.cases) !== null && coldestWet(duty) === null
        ? "No liquid stands in it."
        : null,
  examine: ({ valve, duty }) => {
    const fluid = duty.fluid!;
    const cold = coldestWet(duty);
    if (cold === null) return cannotTell("a temperature");
    const jacketed = duty.stated.jacketC !== null && valve.line.jacket !== null;
    const reading = {
      value: cold.temperatureC!,
      limit: fluid.triplePointC,
      unit: "°C" as const,
      sense: "≥" as const,
      caseId: cold.id,
      caseName: cold.name,
      uses: [...temperatureOf(cold), used(`${fluid.name} sets at`, fluid.triplePointC, "reference", "°C")],
    };
    const margin = inHand(kelvinTo(cold.temperatureC!, fluid.triplePointC, "≥", 0), "K", false);
    if (cold.temperatureC! >= fluid.triplePointC)
      return plain("holds", "The fluid stays fluid.", reading, margin);
    if (jacketed)
      return plain(
        "tight",
        "The jacket keeps it fluid; let it fail and the valve is locked.",
        reading,
        margin,
      );
    return valve.construction.holdsCavity
      ? plain(
          "fails",
          "The fluid sets in the cavity and locks the valve.",
          {
            ...reading,
            remedy: "Tracing or a jacket, or drain before cold.",
          },
          margin,
        )
      : plain("tight", "The fluid sets in the bore; no cavity is locked with it.", reading, margin);
  },
});
