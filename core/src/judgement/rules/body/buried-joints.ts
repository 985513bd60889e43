import { stated, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const buriedJoints = rule({
  id: "body/buried-joints",
  asks: "Buried joints",
  source: "A buried joint cannot be inspected or tightened",
  inputs: ["installation", "construction"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) => (duty.installation !== "buried" ? "The valve is not buried." : null),
  examine: ({ valve, duty }) => {
    const joints = valve.construction.bodyJoints;
    return fits(
      joints === 0,
      {
        holds: "The body has no buried joint.",
        fails: "Buried body joints cannot be inspected or tightened.",
      },
      {
        value: joints,
        limit: 0,
        sense: "≤",
        uses: [
          stated("installation", duty.installation, duty.stated.installation),
          used("body joints", joints, "catalogue"),
        ],
      },
      "tight",
    );
  },
});
