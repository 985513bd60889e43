import { hazardsUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { noPoison } from "../raised.ts";
import { rule } from "../rule.ts";

export const leakPaths = rule({
  id: "body/leak-paths",
  asks: "Joints to the outside",
  source: "Every joint to the outside can leak (limit for lethal service by house rule)",
  inputs: ["hazards of the fluid", "construction", "house rule: body joints in lethal service"],
  dependsOn: ["line"],
  notApplicableBecause: noPoison,
  examine: ({ valve, duty, house }) => {
    const lethal = duty.hazards.has("lethal");
    const joints = valve.construction.bodyJoints;
    return fits(
      joints <= house.lethalBodyJoints,
      {
        holds: "The number of joints is within the house rule.",
        fails: lethal
          ? "The number of joints to the outside exceeds the house rule for lethal service."
          : "The number of joints to the outside exceeds the house rule for toxic service.",
      },
      {
        value: joints,
        limit: house.lethalBodyJoints,
        sense: "≤",
        remedy: "Use a top-entry, welded or one-piece body.",
        uses: [
          hazardsUsed(duty),
          used("body joints", joints, "catalogue"),
          used("joints permitted in lethal service", house.lethalBodyJoints, "house rule"),
        ],
      },
      lethal ? "fails" : "tight",
    );
  },
});
