import { hazardsUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const polymerisingCavity = rule({
  id: "body/polymerising-cavity",
  asks: "Polymer in the cavity",
  source: "Monomer left standing polymerises and bursts or locks the valve",
  inputs: ["hazards of the fluid", "cavity arrangement"],
  hangsOn: ["line", "cavity"],
  unraised: (duty) => (!duty.hazards.has("polymerises") ? "The fluid is not stated to do so." : null),
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
        holds: "Nothing stays behind to polymerise.",
        fails: "Monomer stays in the cavity and polymerises there.",
      },
      { ...seen, remedy: "A cavity filler, a sleeved plug or another body without cavity." },
    );
  },
});
