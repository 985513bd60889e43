import { hazardsUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { noPoison } from "../raised.ts";
import { rule } from "../rule.ts";

export const leakPaths = rule({
  id: "body/leak-paths",
  asks: "Joints to the outside",
  source: "Every joint is a place to leak from; house rule for lethal service",
  inputs: ["hazards of the fluid", "construction", "house rule: body joints in lethal service"],
  hangsOn: ["line"],
  unraised: noPoison,
  examine: ({ valve, duty, house }) => {
    const lethal = duty.hazards.has("lethal");
    const joints = valve.construction.bodyJoints;
    return fits(
      joints <= house.lethalBodyJoints,
      {
        holds: "Few enough joints.",
        fails: lethal
          ? "More joints to the outside than the house allows where a leak can kill."
          : "More joints to the outside than the house likes where a leak poisons.",
      },
      {
        value: joints,
        limit: house.lethalBodyJoints,
        sense: "≤",
        remedy: "A top-entry, welded or one-piece body.",
        uses: [
          hazardsUsed(duty),
          used("body joints", joints, "catalogue"),
          used("joints allowed in lethal service", house.lethalBodyJoints, "house rule"),
        ],
      },
      lethal ? "fails" : "tight",
    );
  },
});
