import { valueOnCurve } from "../../../basis/reference/curve.ts";
import { boltingOfJoint, gradeOfJoint, mostUsed } from "../../../equipment/catalogue/joints.ts";
import { against, inMargin } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const jointBolting = rule({
  id: "body/joint-bolting",
  asks: "Bolting of the pressure joints",
  source:
    "Bolt load in the shell test at 1.5 times the rating (ASME VIII-1 appendix 2) against 90 % of the proof load",
  inputs: ["bolting of each joint", "gasket of each joint", "rating at 38 °C", "bolting material"],
  dependsOn: ["size", "grade"],
  examine: ({ valve, house }) => {
    const rated = valueOnCurve(valve.ratingCurve, 38);
    if (rated === null) return notAsked("The body has no rating at 38 °C.");
    const judged = valve.size.joints.flatMap((joint) => {
      const found = boltingOfJoint(joint, valve.line, rated, house);
      return found === null ? [] : [{ joint, found }];
    });
    if (judged.length === 0) return notAsked("The maker does not state the bolting of the pressure joints.");
    const { joint, found } = judged.reduce((worst, each) =>
      each.found.leastUtilisation > worst.found.leastUtilisation ? each : worst,
    );
    const measured = against(100 * found.leastUtilisation, 100 * mostUsed, 0);
    const grade = gradeOfJoint(joint, valve.line);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The studs of a pressure joint do not carry the shell test. The joint can open."
        : "The studs of every stated pressure joint carry the shell test.",
      {
        value: measured.value,
        limit: measured.limit,
        sense: "≤",
        unit: "%",
        remedy: measured.verdict === "fails" ? "Ask the maker for stronger bolting of this joint." : null,
        uses: () => [
          used("joint", joint.bolting, "catalogue"),
          used("studs of the joint", `${joint.bolts} × ${joint.thread}, ${grade}`, "catalogue"),
          used("mean diameter of the gasket", joint.gasket.meanDiameterMm, "catalogue", "mm"),
          used("rating at 38 °C", rated, "reference", "bar g"),
          used("load of the shell test", found.testLoadN / 1000, "computed", "kN"),
        ],
      },
      inMargin(measured, "%", false),
    );
  },
});
