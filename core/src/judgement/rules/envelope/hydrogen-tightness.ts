import { hazardsUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { noHydrogen } from "../raised.ts";
import { rule } from "../rule.ts";

export const hydrogenTightness = rule({
  id: "envelope/hydrogen-tightness",
  asks: "Tightness for hydrogen",
  source: "Hydrogen leaks where other gases do not: it needs a classed stem seal (practice)",
  inputs: ["hazards of the fluid", "seal set"],
  dependsOn: ["seals"],
  notApplicableBecause: noHydrogen,
  examine: ({ valve, duty }) => {
    const has = valve.seals.emissionClass;
    return fits(
      has === "A" || has === "B",
      {
        holds: "The stem seal has a class suitable for hydrogen.",
        fails: "The stem seal has no class suitable for hydrogen.",
      },
      {
        value: "class B",
        limit: has === null ? "not classed" : `class ${has}`,
        remedy: "Use a live-loaded or double stem seal of class B or better.",
        uses: [hazardsUsed(duty), used("class of the seal set", has ?? "none stated", "catalogue")],
      },
    );
  },
});
