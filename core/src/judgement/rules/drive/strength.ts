import { placeWords, pointWords } from "../../../basis/stroke/weakest.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { hardestAt } from "../../../mechanics/torque/demand.ts";
import { against, inMargin } from "../compare.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { driveLimits } from "./limits.ts";

export const strength = rule({
  id: "drive/strength",
  asks: "Actuator torque",
  source:
    "Torque demand × service factor against output at the lowest supply, at every angle of both strokes",
  inputs: [
    "torque demand",
    "service factor",
    "lowest air supply",
    "actuator output",
    "house rule: torque margin",
  ],
  dependsOn: ["size", "cavity", "seat", "drive"],
  examine: ({ drive, supplied, demand, duty, house }) => {
    if (!drive || !supplied) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const limits = driveLimits(supplied, demand);
    const uses = () => [
      kindOf(drive.family).suppliedAt(duty, "lowest"),
      ...demand.factor.reasons.map((r) => ({
        what: `factor, ${r.why}`,
        value: r.adds,
        unit: "" as const,
        origin: "house rule" as const,
      })),
      {
        what: "factor applied to the torque table",
        value: Number(demand.appliedFactor.toFixed(3)),
        unit: "" as const,
        origin: "computed" as const,
      },
      {
        what: "margin required",
        value: house.torqueMargin,
        unit: "%" as const,
        origin: "house rule" as const,
      },
    ];
    if (demand.unknown || limits.needsNm === null || limits.givesNm === null || limits.at === null) {
      return cannotTell(
        demand.unknown ? `torque demand in case ${demand.unknown.caseName}` : "operating cases",
        { uses },
      );
    }
    const measured = against(limits.needsNm, limits.givesNm, house.torqueMargin / 100);
    const { verdict } = measured;
    const point = pointWords(limits.at);
    const hardest = hardestAt(demand, limits.at);
    return plain(
      verdict,
      verdict === "fails"
        ? `The output torque is too low at ${point}.`
        : verdict === "tight"
          ? `The output torque is sufficient, but the margin at ${point} is below the house rule.`
          : `The output torque is sufficient over both strokes. The margin is smallest at ${point}.`,
      {
        value: limits.needsNm,
        limit: limits.givesNm,
        sense: "≤",
        unit: "N·m",
        caseId: hardest.caseId,
        caseName: hardest.caseName,
        remedy: verdict === "fails" ? "Use a larger actuator or a higher supply pressure." : null,
        uses: () => [
          { what: "weakest point", value: placeWords(limits.at!), unit: "", origin: "computed" },
          ...uses(),
        ],
      },
      inMargin(measured, "%"),
    );
  },
});
