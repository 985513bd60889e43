import { hazardsUsed, used } from "../inputs.ts";
import { fits, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const crystallisingCavity = rule({
  id: "body/crystallising-cavity",
  asks: "Crystallisation in the cavity",
  source: "Product that cools or dries in a cavity solidifies and locks the ball",
  inputs: ["hazards of the fluid", "cavity arrangement", "jacket"],
  dependsOn: ["line", "cavity"],
  notApplicableBecause: (duty) =>
    !duty.hazards.has("crystallises") ? "The duty does not state this hazard." : null,
  examine: ({ valve, duty }) => {
    const clear = !valve.construction.holdsCavity || !valve.cavity.deadSpace;
    const seen = {
      value: "crystallises",
      limit: valve.cavity.name,
      uses: [hazardsUsed(duty), used("cavity arrangement", valve.cavity.name, "catalogue")],
    };
    if (!clear && valve.line.jacket && duty.stated.jacketC !== null)
      return plain("tight", "The jacket keeps the cavity warm. If the jacket fails, the ball locks.", seen);
    return fits(
      clear,
      {
        holds: "No product stays in the body to solidify.",
        fails: "Product stays in the cavity, solidifies and locks the ball.",
      },
      { ...seen, remedy: "Use a steam jacket, a cavity filler or a body without cavity." },
    );
  },
});
