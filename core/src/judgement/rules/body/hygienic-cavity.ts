import { hazardsUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const hygienicCavity = rule({
  id: "body/hygienic-cavity",
  asks: "Product in the cavity",
  source: "Product left in a cavity contaminates the next batch",
  inputs: ["hazards of the fluid", "cavity arrangement"],
  dependsOn: ["line", "cavity"],
  notApplicableBecause: (duty) =>
    !duty.hazards.has("hygienic") ? "The duty does not state this hazard." : null,
  examine: ({ valve, duty }) => {
    const clear = !valve.construction.holdsCavity || !valve.cavity.deadSpace;
    const seen = {
      value: "hygienic",
      limit: valve.cavity.name,
      uses: [hazardsUsed(duty), used("cavity arrangement", valve.cavity.name, "catalogue")],
    };
    return fits(
      clear,
      {
        holds: "No product stays in the body.",
        fails: "Product stays in the cavity and contaminates the next batch.",
      },
      { ...seen, remedy: "Use a cavity filler or a body without cavity." },
    );
  },
});
