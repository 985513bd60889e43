import { emissionClasses } from "../../../duty/fields/words.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { hazardsUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

/** The class the duty states, else the class its hazards require. */
const classAsked = ({ stated, hazards }: SettledDuty) =>
  stated.emissionClass ?? (hazards.has("lethal") ? "A" : hazards.has("toxic") ? "B" : null);

export const emissionClass = rule({
  id: "body/emission-class",
  asks: "Stem emission class",
  source: "Class of the stem seal (ISO 15848-1) on toxic and volatile service",
  inputs: ["stem tightness", "hazards of the fluid", "seal set"],
  dependsOn: ["seals"],
  notApplicableBecause: (duty) =>
    classAsked(duty) === null ? "The duty asks for no tightness class." : null,
  examine: ({ valve, duty }) => {
    const asked = classAsked(duty)!;
    const has = valve.seals.emissionClass;
    const enough = has !== null && emissionClasses.indexOf(has) <= emissionClasses.indexOf(asked);
    return fits(
      enough,
      {
        holds: "The stem seal has the required tightness class.",
        fails: "The stem seal does not have the required tightness class.",
      },
      {
        value: `class ${asked}`,
        limit: has === null ? "not classed" : `class ${has}`,
        remedy: "Use a live-loaded or double stem seal of that class.",
        uses: [
          duty.stated.emissionClass === null
            ? hazardsUsed(duty)
            : used("required stem tightness", asked, "entered"),
          used("class of the seal set", has ?? "none stated", "catalogue"),
        ],
      },
      duty.stated.emissionClass === null && !duty.hazards.has("lethal") ? "tight" : "fails",
    );
  },
});
