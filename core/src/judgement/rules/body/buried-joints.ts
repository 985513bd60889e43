import { stated, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const buriedJoints = rule({
  id: "body/buried-joints",
  asks: "Joints below ground",
  source: "A joint below ground cannot be tightened or watched",
  inputs: ["installation", "construction"],
  hangsOn: ["line"],
  unraised: (duty) => (duty.installation !== "buried" ? "Not buried." : null),
  examine: ({ valve, duty }) => {
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
