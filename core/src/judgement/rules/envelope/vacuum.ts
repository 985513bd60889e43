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
  source: "Linings and seats that are pushed off by the atmosphere (product line)",
  inputs: ["pressure on either side", "product line's vacuum rating"],
  hangsOn: ["line"],
  unraised: (duty) => (underVacuum(duty) ? null : "No case runs below the atmosphere."),
  examine: ({ valve, duty }) => {
    const under = underVacuum(duty)!;
    const lowest = Math.min(under.upstreamBarG ?? 0, under.downstreamBarG);
    const stands = valve.line.vacuum && valve.construction.standsVacuum;
    return fits(
      stands,
      {
        holds: "Seats and linings stay in place under vacuum.",
        fails: "The atmosphere pushes seat or lining into the bore.",
      },
      {
        value: lowest,
        limit: stands ? vacuumBarG : 0,
        unit: "bar g",
        sense: "≥",
        caseId: under.id,
        caseName: under.name,
        remedy: "A line rated for vacuum.",
        uses: [
          used(`pressure, ${under.name}`, lowest, "entered", "bar g"),
          used("rated for vacuum", stands ? "yes" : "no", "catalogue"),
        ],
      },
    );
  },
});
