import { coldClass } from "../body/cold-class.ts";
import { used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const gasketClass = rule({
  id: "envelope/gasket-class",
  asks: "Gasket in the class",
  source: "PTFE gaskets creep under bolt load above a class (house rule)",
  inputs: ["class", "seal set", "house rule: PTFE gaskets up to class"],
  dependsOn: ["seals", "class"],
  examine: ({ valve, house }) => {
    const soft = valve.seals.parts.find((p) => p.material.id === "ptfe-gasket");
    if (!soft) return notAsked("The body has no PTFE gasket.");
    const number = coldClass(valve.designation);
    return fits(
      number <= house.softGasketToClass,
      { holds: "The gasket suits the class.", fails: "A PTFE gasket creeps out of a flange of this class." },
      {
        value: number,
        limit: house.softGasketToClass,
        sense: "≤",
        remedy: "Use a spiral-wound graphite gasket or a ring joint.",
        uses: [
          used(soft.part, soft.material.name, "catalogue"),
          used("valve class", valve.size.designation, "catalogue"),
          used("PTFE gaskets up to class", house.softGasketToClass, "house rule"),
        ],
      },
    );
  },
});
