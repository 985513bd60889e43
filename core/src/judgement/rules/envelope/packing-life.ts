import { bandOf, lasting } from "../lasting.ts";
import { rule } from "../rule.ts";

export const packingLife = rule({
  id: "envelope/packing-life",
  asks: "Stem seal life",
  source:
    "Strokes between overhauls against the life of the kind of stem seal (house rules, estimated with a band)",
  inputs: ["strokes per year", "stem seal", "house rule: lives and their band, years between overhauls"],
  dependsOn: ["seals"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { stemSeal } = valve.seals;
    return lasting(
      {
        part: "stem seal",
        life: bandOf(stemSeal === "adjustable gland" ? house.glandLife : house.liveSealLife, house),
        kind: stemSeal,
        remedy: "Use a live-loaded or double stem seal, or shorten the overhaul interval.",
      },
      duty,
      house,
    );
  },
});
