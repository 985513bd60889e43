import { stated, used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const buriedJoints = rule({
  id: "body/buried-joints",
  asks: "Joints below ground",
  source: "A joint below ground cannot be tightened or watched",
  inputs: ["installation", "construction"],
  hangsOn: "line",
  examine: ({ valve, duty }) => {
    if (duty.installation !== "buried") return notAsked("Not buried.");
    const joints = valve.construction.bodyJoints;
    return fits(
      joints === 0,
      {
        holds: "No body joint below ground.",
        fails: "A body joint below ground can be neither watched nor tightened.",
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
