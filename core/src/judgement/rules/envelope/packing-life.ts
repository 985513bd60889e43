import { lasting } from "../lasting.ts";
import { rule } from "../rule.ts";

export const packingLife = rule({
  id: "envelope/packing-life",
  asks: "Strokes of the stem seal",
  source: "Strokes between overhauls against the life of the kind of stem seal (house rules, indicative)",
  inputs: ["strokes a year", "stem seal", "house rule: lives, years between overhauls"],
  hangsOn: ["seals"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { stemSeal } = valve.seals;
    return lasting(
      {
        part: "stem seal",
        life: stemSeal === "adjustable gland" ? house.glandLife : house.liveSealLife,
        kind: stemSeal,
        remedy: "A live-loaded or double stem seal, or earlier overhauls.",
      },
      duty,
      house,
    );
  },
});
