import { metalLimits } from "../../../basis/reference/metals.ts";
import { used } from "../inputs.ts";
import { boilingOn } from "./boiling-behind.ts";
import { flowRule } from "./flow-rule.ts";

/** Whether the body withstands a liquid that boils in the valve. */
export const bodyBoiling = flowRule({
  id: "flow/body-boiling",
  asks: "Body in boiling flow",
  source:
    "Carbon steel erodes fast in flashing and cavitating flow, chromium and stainless steels slowly (indicative)",
  inputs: ["pressures of the cases", "vapour pressure", "F_L of the trim", "body grade"],
  dependsOn: ["line", "grade"],
  unit: "",
  appliesTo: "both",
  fluid: "liquid",
  ofBoiling: true,
  measure: (c, { throttles }, { valve }) => {
    const lined = !valve.construction.bodyWetted;
    const metal = valve.grade.metal;
    const resistance = lined ? "poor" : ((metal && metalLimits(metal)?.boilingFlow) ?? "poor");
    const wears = throttles ? "fails" : "tight";
    return boilingOn(
      c,
      { poor: wears, fair: "tight", good: "holds" },
      {
        resistance: resistance || "poor",
        uses: [used("wall", lined ? "lining" : (metal ?? valve.grade.grade), "catalogue")],
      },
    );
  },
  otherwise: "No case has a liquid flow.",
  says: {
    holds: "No boiling flow reaches the wall of the body, or its metal resists it.",
    tight: "The liquid boils in the valve and wears the body: measure its wall at every overhaul.",
    fails: "The liquid boils in the valve and erodes this body within a short time.",
  },
  remedy: "Use a body of stainless or chromium steel, less pressure drop, or a higher downstream pressure.",
});
