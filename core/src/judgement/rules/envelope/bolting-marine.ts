import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const boltingMarine = rule({
  id: "envelope/bolting-marine",
  asks: "Bolting in marine air",
  source: "Exposed bolting in salt air (practice)",
  inputs: ["installation", "bolting"],
  dependsOn: ["line"],
  tight: "mild",
  notApplicableBecause: (duty) =>
    duty.installation !== "marine air" ? "The valve is not in marine air." : null,
  examine: ({ valve, duty }) => {
    const { bolting } = valve;
    const seen = {
      value: "marine air",
      limit: bolting.name,
      uses: [
        stated("installation", duty.installation, duty.stated.installation),
        used("bolting", bolting.name, "catalogue"),
        used("in marine air", bolting.exposedInMarineAir, "reference"),
      ],
    };
    if (bolting.exposedInMarineAir === "yes")
      return plain("holds", "The bolting is suitable for salt air.", seen);
    return bolting.exposedInMarineAir === "coated"
      ? plain("tight", "The bolting needs a coating in salt air. Maintain the coating.", seen)
      : plain("fails", "Austenitic bolting can crack in warm salt air.", {
          ...seen,
          remedy: "Use coated alloy steel or nickel alloy bolting.",
        });
  },
});
