import { hazardsUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const hygienicCavity = rule({
  id: "body/hygienic-cavity",
  asks: "Product in the cavity",
  source: "Product left in a cavity spoils the next batch",
  inputs: ["hazards of the fluid", "cavity arrangement"],
  hangsOn: ["line", "cavity"],
  unraised: (duty) => (!duty.hazards.has("hygienic") ? "The fluid is not stated to do so." : null),
  examine: ({ valve, duty }) => {
    const clear = !valve.construction.holdsCavity || !valve.cavity.deadSpace;
    const seen = {
      value: "hygienic",
      limit: valve.cavity.name,
      uses: [hazardsUsed(duty), used("cavity arrangement", valve.cavity.name, "catalogue")],
    };
    return fits(
      clear,
      { holds: "Nothing stays behind to spoil.", fails: "Product stays in the cavity and spoils." },
      { ...seen, remedy: "A cavity filler or a body without cavity." },
    );
  },
});
