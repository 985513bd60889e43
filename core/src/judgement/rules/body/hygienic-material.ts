import { hazardsUsed, used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Metals a product may touch; 316 has its low-carbon grades, which are asked for where it is welded. */
const clean = /^(austenitic 316|6Mo|22Cr|25Cr|alloy|titanium)/;
const lowCarbon = /3M$|316L|1\.4404|1\.4409/;

export const hygienicMaterial = rule({
  id: "body/hygienic-material",
  asks: "Metals in hygienic service",
  source:
    "Wetted parts of 316L or better, no carbon steel, drainable (practice for food and pharmaceuticals)",
  inputs: ["hazards of the fluid", "body grade", "trim"],
  dependsOn: ["line", "grade", "trim"],
  tight: "mild",
  notApplicableBecause: (duty) => (duty.hazards.has("hygienic") ? null : "The duty is not hygienic."),
  examine: ({ valve, duty }) => {
    const { grade, trim, construction } = valve;
    const parts = [
      ...(construction.bodyWetted ? [{ part: "body", metal: grade.metal }] : []),
      { part: "ball", metal: trim.coating === null ? trim.ball : trim.coating },
      ...(construction.bodyWetted ? [{ part: "stem", metal: trim.stem }] : []),
    ];
    const uses = [
      hazardsUsed(duty),
      ...parts.map(({ part, metal }) => used(part, metal ?? "not listed", "catalogue")),
    ];
    const foul = parts.find(({ metal }) => metal !== null && !clean.test(metal));
    if (foul)
      return plain("fails", `The metal of the ${foul.part} is not suitable for product contact.`, {
        value: foul.metal,
        limit: "316L or better",
        remedy: "Use 316L or better for all wetted parts.",
        uses,
      });
    if (parts.some(({ metal }) => metal === null)) return cannotTell("metal of a wetted part", { uses });
    const plain316 =
      construction.bodyWetted && grade.metal === "austenitic 316" && !lowCarbon.test(grade.grade);
    const seen = { value: grade.grade, limit: "316L or better", uses };
    return plain316
      ? plain(
          "tight",
          "A part is of 316, not 316L. Order the low-carbon grade and mount the valve so that it drains.",
          seen,
        )
      : plain(
          "holds",
          "The metals are suitable for product contact. Mount the valve so that it drains.",
          seen,
        );
  },
});
