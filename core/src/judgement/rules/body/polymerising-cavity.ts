import { hazardsUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const polymerisingCavity = rule({
  id: "body/polymerising-cavity",
  asks: "Polymerisation in the cavity",
  source: "Trapped monomer polymerises and locks or bursts the valve",
  inputs: ["hazards of the fluid", "cavity arrangement"],
  dependsOn: ["line", "cavity"],
  notApplicableBecause: (duty) =>
    !duty.hazards.has("polymerises") ? "The duty does not state this hazard." : null,
  examine: ({ valve, duty }) => {
    const clear = !valve.construction.holdsCavity || !valve.cavity.deadSpace;
    const seen = {
      value: "polymerises",
      limit: valve.cavity.name,
      uses: [hazardsUsed(duty), used("cavity arrangement", valve.cavity.name, "catalogue")],
    };
    return fits(
      clear,
      {
        holds: "No monomer stays in the body.",
        fails: "Monomer stays in the cavity and polymerises.",
      },
      { ...seen, remedy: "Use a cavity filler, a sleeved plug or another body without cavity." },
    );
  },
});
