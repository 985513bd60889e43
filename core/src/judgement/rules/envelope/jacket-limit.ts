import { against, inMargin, kelvinTo } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { noJacket } from "../raised.ts";
import { rule } from "../rule.ts";

export const jacketLimit = rule({
  id: "envelope/jacket-limit",
  asks: "Jacket limits",
  source: "Pressure and temperature limits of the jacket (product line)",
  inputs: ["jacket pressure and temperature", "product line's jacket"],
  dependsOn: ["line"],
  notApplicableBecause: noJacket,
  examine: ({ valve, duty, house }) => {
    const { jacketBarG, jacketC } = duty.stated;
    const { jacket } = valve.line;
    if (jacket === null) return notAsked("The valve has no jacket. See the finding on the steam jacket.");
    if (jacketBarG === null) return cannotTell("jacket pressure");
    if (jacketC === null) return cannotTell("jacket temperature");
    const uses = [
      used("jacket pressure", jacketBarG, "entered", "bar g"),
      used("jacket temperature", jacketC, "entered", "°C"),
      used("jacket limit", jacket.maximumBarG, "catalogue", "bar g"),
      used("jacket limit", jacket.maximumC, "catalogue", "°C"),
    ];
    if (jacketC > jacket.maximumC)
      return plain(
        "fails",
        "The steam temperature exceeds the jacket limit.",
        {
          value: jacketC,
          limit: jacket.maximumC,
          unit: "°C",
          sense: "≤",
          uses,
          remedy: "Use a jacket with a higher rating, or cooler steam.",
        },
        inMargin(kelvinTo(jacketC, jacket.maximumC, "≤", 0), "K"),
      );
    const measured = against(jacketBarG, jacket.maximumBarG, house.pressureMargin / 100);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The steam pressure exceeds the jacket limit."
        : "The steam is within the jacket limits.",
      {
        value: jacketBarG,
        limit: jacket.maximumBarG,
        unit: "bar g",
        sense: "≤",
        uses,
        remedy: measured.verdict === "fails" ? "Use a jacket with a higher rating." : null,
      },
      inMargin(measured, "%"),
    );
  },
});
