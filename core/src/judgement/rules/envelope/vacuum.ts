import { vacuumBarG } from "../../../duty/fields/limits.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

const underVacuum = (duty: SettledDuty) =>
  duty.cases.find((c) => c.kind !== "fire" && ((c.upstreamBarG ?? 0) < 0 || c.downstreamBarG < 0));

export const vacuum = rule({
  id: "envelope/vacuum",
  asks: "Vacuum",
  source: "Vacuum rating of seats and linings (product line)",
  inputs: ["pressure on either side", "product line's vacuum rating"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) => (underVacuum(duty) ? null : "No case has a pressure below atmospheric."),
  examine: ({ valve, duty }) => {
    const under = underVacuum(duty)!;
    const lowest = Math.min(under.upstreamBarG ?? 0, under.downstreamBarG);
    const stands = valve.line.vacuum && valve.construction.standsVacuum;
    return fits(
      stands,
      {
        holds: "Seats and linings are rated for this vacuum.",
        fails: "The vacuum can pull a seat or the lining into the bore.",
      },
      {
        value: lowest,
        limit: stands ? vacuumBarG : 0,
        unit: "bar g",
        sense: "≥",
        caseId: under.id,
        caseName: under.name,
        remedy: "Use a product line rated for vacuum.",
        uses: [
          used(`pressure, ${under.name}`, lowest, "entered", "bar g"),
          used("vacuum rating", stands ? "yes" : "no", "catalogue"),
        ],
      },
    );
  },
});
