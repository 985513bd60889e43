import { metalLimits } from "../../../basis/reference/metals.ts";
import { stated } from "../inputs.ts";
import { boilingOn } from "./boiling-behind.ts";
import { flowRule } from "./flow-rule.ts";

const usual = "carbon steel";

/** Whether the pipe behind the valve withstands a liquid that boils in it. */
export const pipeBoiling = flowRule({
  id: "flow/pipe-boiling",
  asks: "Pipe in boiling flow",
  source: "As the body. A pipe that is not stated counts as carbon steel (indicative)",
  inputs: ["pressures of the cases", "vapour pressure", "F_L of the trim", "pipe material"],
  unit: "",
  tight: "mild",
  appliesTo: "both",
  fluid: "liquid",
  ofBoiling: true,
  measure: (c, _flow, { duty }) => {
    const { pipeMaterial } = duty.stated;
    const metal = pipeMaterial ?? usual;
    return boilingOn(
      c,
      { poor: "tight", fair: "holds", good: "holds" },
      {
        resistance: metalLimits(metal)?.boilingFlow ?? "poor",
        uses: [stated("pipe material", metal, pipeMaterial)],
      },
    );
  },
  otherwise: "No case has a liquid flow.",
  says: {
    holds: "No boiling flow reaches the pipe, or its metal resists it.",
    tight: "The liquid boils behind the valve and erodes the pipe. Measure its wall regularly.",
    fails: "The liquid boils behind the valve and erodes the pipe.",
  },
  remedy:
    "Lead the outlet straight into a vessel, or use a wider pipe of stainless or chromium steel behind the valve.",
});
