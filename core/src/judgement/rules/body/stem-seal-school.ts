import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const stemSealSchool = rule({
  id: "body/stem-seal-school",
  asks: "Stem seal by house rule",
  source: "House rule: live-loaded stack or adjustable gland",
  inputs: ["stem seal", "house rule: stem seal"],
  hangsOn: ["seals"],
  tight: "mild",
  unraised: (_, house) => (house.stemSealSchool === "either" ? "The house takes either." : null),
  examine: ({ valve, house }) => {
    const school = house.stemSealSchool;
    const seal = valve.seals.stemSeal;
    const live = seal !== "adjustable gland";
    return fits(
      live === (school === "live-loaded"),
      {
        holds: "As the house asks.",
        fails:
          school === "live-loaded"
            ? "A plain gland must be tightened on a schedule; the house asks for a constant load."
            : "The house asks for a gland a technician can tighten.",
      },
      {
        value: school,
        limit: seal,
        uses: [used("stem seal", seal, "catalogue"), used("stem seal school", school, "house rule")],
      },
      "tight",
    );
  },
});
