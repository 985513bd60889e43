import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { usesAir } from "../../../equipment/drives/supplies.ts";
import { used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

/** What the spring chambers of an actuator breathe. */
export const springSide = rule({
  id: "drive/spring-side",
  asks: "Air in the spring chamber",
  source: "Salt and dust drawn into the spring chamber corrode and jam the springs (practice; house rule)",
  inputs: ["installation", "house rule: spring side of a drive breathes"],
  dependsOn: ["drive"],
  tight: "mild",
  notApplicableBecause: ({ installation }) =>
    installation === "marine air" || installation === "outdoor" ? null : "The ambient air is clean.",
  examine: ({ drive, house, duty }) => {
    if (!drive || drive.springSet === null || !usesAir(kindOf(drive.family).supply))
      return notAsked("The actuator has no air-breathing spring chamber.");
    const clean = house.springSideAir === "clean air from the drive";
    const uses = [
      used("spring chamber breathes", house.springSideAir, "house rule"),
      used("installation", duty.installation, duty.stated.installation === null ? "assumed" : "entered"),
    ];
    return fits(
      clean,
      {
        holds: "The spring chamber breathes instrument air from the actuator.",
        fails: "The spring chamber breathes salty or dusty ambient air.",
      },
      { uses, remedy: "Route the actuator exhaust into the spring chamber, or use a 5/2 solenoid valve." },
      "tight",
    );
  },
});
