import { hazardsUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { noHydrogen } from "../raised.ts";
import { rule } from "../rule.ts";

export const hydrogenTightness = rule({
  id: "envelope/hydrogen-tightness",
  asks: "Tightness for hydrogen",
  source: "Hydrogen finds leaks that nothing else does: a classed stem seal (practice)",
  inputs: ["hazards of the fluid", "seal set"],
  hangsOn: ["seals"],
  unraised: noHydrogen,
  examine: ({ valve, duty }) => {
    const has = valve.seals.emissionClass;
    return fits(
      has === "A" || has === "B",
      {
        holds: "The stem seal is classed for light gas.",
        fails: "The stem seal is not classed for light gas.",
      },
      {
        value: "class B",
        limit: has === null ? "not classed" : `class ${has}`,
        remedy: "A live-loaded or double stem seal of class B or better.",
        uses: [hazardsUsed(duty), used("class of the seal set", has ?? "none stated", "catalogue")],
      },
    );
  },
});
