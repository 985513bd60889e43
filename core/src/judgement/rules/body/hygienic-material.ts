import { hazardsUsed, used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Metals a product may touch; 316 has its low-carbon grades, which are asked for where it is welded. */
const clean = /^(austenitic 316|6Mo|22Cr|25Cr|alloy|titanium)/;
const lowCarbon = /3M$|316L|1\.4404|1\.4409/;

export const hygienicMaterial = rule({
  id: "body/hygienic-material",
  asks: "Metal in hygienic service",
  source:
    "Wetted parts of 316L or better, no carbon steel, drainable (practice for food and pharmaceuticals)",
  inputs: ["hazards of the fluid", "body grade", "trim"],
  hangsOn: ["line", "grade", "trim"],
  tight: "mild",
  unraised: (duty) => (duty.hazards.has("hygienic") ? null : "Not hygienic."),
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
      return plain("fails", `The ${foul.part} is no metal for product.`, {
        value: foul.metal,
        limit: "316L or better",
        remedy: "316L or better throughout.",
        uses,
      });
    if (parts.some(({ metal }) => metal === null)) return cannotTell("the metal of a wetted part", { uses });
    const plain316 =
      construction.bodyWetted && grade.metal === "austenitic 316" && !lowCarbon.test(grade.grade);
    const seen = { value: grade.grade, limit: "316L or better", uses };
    return plain316
      ? plain(
          "tight",
          "316, not 316L: take the low-carbon grade, and mount the valve so that it drains.",
          seen,
        )
      : plain("holds", "Metals a product may touch; mount the valve so that it drains.", seen);
  },
});
