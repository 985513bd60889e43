import { emissionClasses } from "../../duty/words.ts";
import { hazardsUsed, used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const emissionClass = rule({
  id: "body/emission-class",
  asks: "Stem tightness to the outside",
  source: "Class of the stem seal (ISO 15848-1) on toxic and volatile service",
  inputs: ["stem tightness", "hazards of the fluid", "seal set"],
  hangsOn: "seals",
  examine: ({ valve, duty }) => {
    const asked =
      duty.stated.emissionClass ??
      (duty.hazards.has("lethal") ? "A" : duty.hazards.has("toxic") ? "B" : null);
    if (asked === null) return notAsked("No class is asked for.");
    const has = valve.seals.emissionClass;
    const enough = has !== null && emissionClasses.indexOf(has) <= emissionClasses.indexOf(asked);
    return fits(
      enough,
      {
        holds: "The stem seal is classed as tight as asked.",
        fails: "The stem seal is not classed as tight as asked.",
      },
      {
        value: `class ${asked}`,
        limit: has === null ? "not classed" : `class ${has}`,
        remedy: "A live-loaded or double stem seal of that class.",
        uses: [
          duty.stated.emissionClass === null
            ? hazardsUsed(duty)
            : used("stem tightness asked", asked, "entered"),
          used("class of the seal set", has ?? "none stated", "catalogue"),
        ],
      },
      duty.stated.emissionClass === null && !duty.hazards.has("lethal") ? "tight" : "fails",
    );
  },
});
