import { hazardsUsed, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const decomposingCavity = rule({
  id: "body/decomposing-cavity",
  asks: "Gas formed in the cavity",
  source: "Peroxide and bleach give off gas wherever they are shut in, and burst a cavity without a vent",
  inputs: ["hazards of the fluid", "cavity arrangement"],
  dependsOn: ["line", "cavity"],
  notApplicableBecause: (duty) =>
    !duty.hazards.has("decomposes") ? "The duty does not state this hazard." : null,
  examine: ({ valve, duty }) => {
    const { construction, cavity } = valve;
    const vents = !construction.holdsCavity || cavity.ventedWhenClosed;
    const relieves = !cavity.trapsLiquid;
    return plain(
      vents ? "holds" : relieves ? "tight" : "fails",
      vents
        ? "Gas that forms in the closed valve escapes to the line."
        : relieves
          ? "Gas that forms in the cavity has to lift a seat each time. A hole in the upstream face is safer."
          : "Gas that forms in the cavity has no way out and can burst the body.",
      {
        value: "decomposes",
        limit: cavity.name,
        remedy:
          "Use a ball with a hole in its upstream face, or a body without cavity. Never shut in the line between two valves.",
        uses: [hazardsUsed(duty), used("cavity arrangement", cavity.name, "catalogue")],
      },
    );
  },
});
