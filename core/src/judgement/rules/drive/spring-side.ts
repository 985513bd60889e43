import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { usesAir } from "../../../equipment/drives/supplies.ts";
import { used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

/** What the springs of a drive breathe. */
export const springSide = rule({
  id: "drive/spring-side",
  asks: "Air on the springs",
  source: "Salt and dust drawn over springs rust and jam them (practice; house school)",
  inputs: ["installation", "house rule: spring side of a drive breathes"],
  hangsOn: ["drive"],
  tight: "mild",
  unraised: ({ installation }) =>
    installation === "marine air" || installation === "outdoor" ? null : "The air around it is clean enough.",
  examine: ({ drive, house, duty }) => {
    if (!drive || drive.springSet === null || !usesAir(kindOf(drive.family).supply))
      return notAsked("No springs on air.");
    const clean = house.springSideAir === "clean air from the drive";
    const uses = [
      used("spring side breathes", house.springSideAir, "house rule"),
      used("installation", duty.installation, duty.stated.installation === null ? "assumed" : "entered"),
    ];
    return fits(
      clean,
      {
        holds: "The springs breathe the drive's own clean air.",
        fails: "The springs breathe the air around them.",
      },
      { uses, remedy: "The exhaust led back over the springs, or a 5/2 valve." },
      "tight",
    );
  },
});
