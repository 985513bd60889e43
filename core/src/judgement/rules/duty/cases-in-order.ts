import type { SettledCase } from "../../../duty/settling/settled-case.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";

const casesOfKind = (cases: readonly SettledCase[], kind: string) => cases.filter((c) => c.kind === kind);

/** Values in which a maximum case must not lie below a normal one. */
const compared = [
  { name: "pressure", unit: "bar g", value: (c: SettledCase) => c.pressureBarG },
  { name: "temperature", unit: "°C", value: (c: SettledCase) => c.temperatureC },
] as const;

export const casesInOrder = dutyRule({
  id: "duty/cases-in-order",
  asks: "Order of the cases",
  source: "A maximum case lies at or above every normal one, in pressure or in temperature",
  inputs: ["pressure", "temperature", "kind of case"],
  notApplicableBecause: ({ cases }) =>
    casesOfKind(cases, "maximum").length === 0 || casesOfKind(cases, "normal").length === 0
      ? "The duty does not state both a normal and a maximum case."
      : null,
  examine: ({ duty: { cases } }) => {
    for (const normal of casesOfKind(cases, "normal")) {
      for (const maximum of casesOfKind(cases, "maximum")) {
        const below = compared.flatMap(({ name, unit, value }) => {
          const [normalValue, maximumValue] = [value(normal), value(maximum)];
          return normalValue !== null && maximumValue !== null && maximumValue < normalValue
            ? [{ name, unit, normalValue, maximumValue }]
            : [];
        });
        // A maximum of flow may well have a lower pressure: only both values below the normal ones contradict it.
        if (below.length < compared.length) continue;
        const [first] = below;
        return plain(
          "tight",
          "The maximum case has a lower pressure and a lower temperature than the normal case. One of them is probably wrong.",
          {
            value: first!.maximumValue,
            limit: first!.normalValue,
            sense: "≥",
            unit: first!.unit,
            caseId: maximum.id,
            caseName: maximum.name,
            remedy: "Correct the pressure, the temperature or the kind of the case.",
            uses: below.flatMap(({ name, unit, normalValue, maximumValue }) => [
              used(`${name}, ${normal.name}`, normalValue, "entered", unit),
              used(`${name}, ${maximum.name}`, maximumValue, "entered", unit),
            ]),
          },
        );
      }
    }
    const uses = cases.flatMap(({ kind, name, pressureBarG }) =>
      pressureBarG === null || (kind !== "normal" && kind !== "maximum")
        ? []
        : [used(`pressure, ${name}`, pressureBarG, "entered", "bar g")],
    );
    return uses.length === 0
      ? notAsked("Neither the normal nor the maximum case states a pressure.")
      : plain("holds", "No maximum case lies below a normal one.", { uses });
  },
});
