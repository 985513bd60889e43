import { hazardsUsed, used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const polymerisingCavity = rule({
  id: "body/polymerising-cavity",
  asks: "Polymer in the cavity",
  source: "Monomer left standing polymerises and bursts or locks the valve",
  inputs: ["hazards of the fluid", "cavity arrangement"],
  hangsOn: "line and cavity",
  examine: ({ valve, duty }) => {
    if (!duty.hazards.has("polymerises")) return notAsked("The fluid is not stated to do so.");
    const clear = !valve.construction.holdsCavity || !valve.cavity.deadSpace;
    const seen = {
      value: "polymerises",
      limit: valve.cavity.name,
      uses: [hazardsUsed(duty), used("cavity arrangement", valve.cavity.name, "catalogue")],
    };
    return fits(
      clear,
      {
        holds: "Nothing stays behind to polymerise.",
        fails: "Monomer stays in the cavity and polymerises there.",
      },
      { ...seen, remedy: "A cavity filler, a sleeved plug or another body without cavity." },
    );
  },
});
