import { hazardsUsed, used } from "../inputs.ts";
import { fits, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const crystallisingCavity = rule({
  id: "body/crystallising-cavity",
  asks: "Crystals in the cavity",
  source: "What cools or dries in a cavity sets and locks the ball",
  inputs: ["hazards of the fluid", "cavity arrangement", "jacket"],
  hangsOn: ["line", "cavity"],
  unraised: (duty) => (!duty.hazards.has("crystallises") ? "The fluid is not stated to do so." : null),
  examine: ({ valve, duty }) => {
    const clear = !valve.construction.holdsCavity || !valve.cavity.deadSpace;
    const seen = {
      value: "crystallises",
      limit: valve.cavity.name,
      uses: [hazardsUsed(duty), used("cavity arrangement", valve.cavity.name, "catalogue")],
    };
    if (!clear && valve.line.jacket && duty.stated.jacketC !== null)
      return plain("tight", "The jacket keeps the cavity warm; let it fail and the ball locks.", seen);
    return fits(
      clear,
      { holds: "Nothing stays behind to set.", fails: "What stays in the cavity sets and locks the ball." },
      { ...seen, remedy: "A steam jacket, a cavity filler or a body without cavity." },
    );
  },
});
