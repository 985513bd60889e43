import { breaking, hardestAt } from "../../../mechanics/torque/demand.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

const typed =
  "The torque entered counts at every differential pressure. Check that it is the torque of the highest one.";

export const torqueKnown = rule({
  id: "torque/torque-known",
  asks: "Breakaway torque",
  source:
    "Maker's torque table, linear in differential pressure, never extrapolated; growth with time closed",
  inputs: ["differential", "maker's torque table", "longest time closed", "house rule: sizing basis"],
  dependsOn: ["size", "cavity", "seat"],
  examine: ({ demand, duty, valve }) => {
    const shut = duty.stated.longestShutDays === null ? ("assumed" as const) : ("entered" as const);
    const uses = () => [
      {
        what: "highest differential of the table",
        value: demand.tableEndsAtBar,
        unit: "bar" as const,
        origin: "catalogue" as const,
      },
      { what: "longest time closed", value: duty.longestShutDays, unit: "days" as const, origin: shut },
      {
        what: `growth while closed, ${valve.seat.material.name}`,
        value: `× ${demand.growth.toFixed(2)}`,
        unit: "" as const,
        origin: "reference" as const,
      },
      { what: "differential basis", value: demand.basis, unit: "" as const, origin: "house rule" as const },
    ];
    if (demand.byCase.length === 0) return cannotTell("operating cases", { uses });
    if (demand.unknown) {
      const { caseName, why } = demand.unknown;
      return cannotTell(
        why === "differential"
          ? `pressure of ${caseName}`
          : `maker's torque beyond the table, for ${caseName}`,
        { uses },
      );
    }
    const hardest = hardestAt(demand, breaking);
    return plain(
      "holds",
      duty.stated.onSite === true ? typed : "The torque table covers every differential pressure.",
      {
        value: hardest.profile.opening[0]!,
        unit: "N·m",
        caseId: hardest.caseId,
        caseName: hardest.caseName,
        uses: () => [
          {
            what: `differential, ${hardest.caseName}`,
            value: hardest.differentialBar!,
            unit: "bar",
            origin: "computed",
          },
          ...uses(),
        ],
      },
    );
  },
});
