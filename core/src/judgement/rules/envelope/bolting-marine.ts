import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { hottest } from "../worst.ts";

/** Below this austenitic bolting pits in salt air, but does not crack, °C. */
const cracksFromC = 50;

export const boltingMarine = rule({
  id: "envelope/bolting-marine",
  asks: "Bolting in marine air",
  source: "Exposed bolting in salt air: austenitic steel cracks from about 50 °C (practice, indicative)",
  inputs: ["installation", "bolting", "temperature", "highest ambient"],
  dependsOn: ["line"],
  tight: "mild",
  notApplicableBecause: (duty) =>
    duty.installation !== "marine air" ? "The valve is not in marine air." : null,
  examine: ({ valve, duty }) => {
    const { bolting } = valve;
    const hot = hottest(duty);
    const warmestC = Math.max(hot?.temperatureC ?? cracksFromC, duty.ambientMaximumC);
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
    if (bolting.exposedInMarineAir === "coated")
      return plain("tight", "The bolting needs a coating in salt air. Maintain the coating.", seen);
    const warm = warmestC >= cracksFromC;
    return plain(
      warm ? "fails" : "tight",
      warm
        ? "Austenitic bolting can crack in warm salt air."
        : "Cool austenitic bolting pits in salt air but does not crack. Inspect it for pits.",
      {
        value: warmestC,
        limit: cracksFromC,
        sense: "≤",
        unit: "°C",
        decides: bolting.name,
        caseId: hot !== null && hot.temperatureC === warmestC ? hot.id : null,
        caseName: hot !== null && hot.temperatureC === warmestC ? hot.name : null,
        remedy: "Use coated alloy steel or nickel alloy bolting.",
        uses: [
          ...seen.uses,
          stated("highest ambient", duty.ambientMaximumC, duty.stated.ambientMaximumC, "°C"),
          used("warmest bolting", warmestC, "computed", "°C"),
        ],
      },
    );
  },
});
