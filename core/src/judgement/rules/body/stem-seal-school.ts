import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const stemSealSchool = rule({
  id: "body/stem-seal-school",
  asks: "Stem seal type",
  source: "House rule: live-loaded stack or adjustable gland",
  inputs: ["stem seal", "house rule: stem seal"],
  dependsOn: ["seals"],
  tight: "mild",
  notApplicableBecause: (_, house) =>
    house.stemSealSchool === "either" ? "The house rules accept both stem seal types." : null,
  examine: ({ valve, house }) => {
    const school = house.stemSealSchool;
    const seal = valve.seals.stemSeal;
    const live = seal !== "adjustable gland";
    return fits(
      live === (school === "live-loaded"),
      {
        holds: "The stem seal type meets the house rule.",
        fails:
          school === "live-loaded"
            ? "A plain gland must be retightened regularly. The house rule asks for a live-loaded stem seal."
            : "The house rule asks for an adjustable gland.",
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
