import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const boltingMarine = rule({
  id: "envelope/bolting-marine",
  asks: "Bolting in marine air",
  source: "Exposed bolting in salt air (practice)",
  inputs: ["installation", "bolting"],
  hangsOn: ["line"],
  tight: "mild",
  unraised: (duty) => (duty.installation !== "marine air" ? "No marine air." : null),
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
    if (bolting.exposedInMarineAir === "yes") return plain("holds", "The bolting stands salt air.", seen);
    return bolting.exposedInMarineAir === "coated"
      ? plain("tight", "Coat the bolting, and renew the coating.", seen)
      : plain("fails", "Austenitic bolting cracks in warm salt air.", {
          ...seen,
          remedy: "Coated alloy steel or nickel alloy.",
        });
  },
});
