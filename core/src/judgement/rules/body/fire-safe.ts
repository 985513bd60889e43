import type { Valve } from "../../../equipment/catalogue/valve.ts";
import { used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { noFire } from "../raised.ts";
import { rule } from "../rule.ts";

interface Place {
  readonly at: string;
  readonly seals: (part: string) => boolean;
  /** Whether the valve has the place at all. */
  readonly there: (valve: Valve) => boolean;
}

/** Leak paths that a fire opens, to the outside or through the valve, once soft parts are gone. */
const places: readonly Place[] = [
  { at: "at the stem", seals: (part) => /packing|stem|shaft/.test(part), there: () => true },
  {
    at: "at the body joint",
    seals: (part) => part.includes("gasket"),
    there: ({ construction }) => construction.bodyJoints > 0,
  },
  {
    at: "behind the seats",
    seals: (part) => part.includes("seat"),
    // Only a seat that slides has a seal behind it.
    there: ({ construction }) => construction.support === "trunnion",
  },
];

const openIn = (valve: Valve) =>
  places.filter(
    ({ there, seals }) =>
      there(valve) && !valve.seals.parts.some(({ part, material }) => seals(part) && material.outlivesFire),
  );

export const fireSafe = rule({
  id: "body/fire-safe",
  asks: "Fire-safe",
  source:
    "Fire type test of the product line (ISO 10497 / API 607, API 6FA). It is valid only with graphite or metal at the stem, at the body joint and behind sliding seats",
  inputs: ["fire-safe", "fire case", "product line's fire test", "seal set", "construction"],
  dependsOn: ["seals"],
  notApplicableBecause: noFire,
  examine: (judged) => {
    const { valve } = judged;
    const tested = valve.line.fireSafe;
    const open = openIn(valve);
    const holds = tested && open.length === 0;
    return plain(
      holds ? "holds" : "fails",
      holds
        ? "The product line has a fire type test and the seal set survives a fire."
        : tested
          ? `The seal set burns ${open.map(({ at }) => at).join(", ")}, so the fire type test of the product line does not cover it.`
          : "No fire type test is stated for the product line.",
      {
        value: "wanted",
        limit: holds ? "tested" : tested ? "not with this seal set" : "not tested",
        remedy: tested
          ? "Use a seal set with graphite at the stem, at the body joint and behind the seats."
          : "Use a fire-tested product line.",
        uses: () => [
          used("fire type test of the product line", tested ? "stated" : "none", "catalogue"),
          ...valve.seals.parts.map(({ part, material }) =>
            used(
              `${part}, ${material.name}`,
              material.outlivesFire ? "survives a fire" : "burns",
              "reference",
            ),
          ),
        ],
      },
    );
  },
});
