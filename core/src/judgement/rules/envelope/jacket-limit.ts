import { against, inHand, kelvinTo } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { noJacket } from "../raised.ts";
import { rule } from "../rule.ts";

export const jacketLimit = rule({
  id: "envelope/jacket-limit",
  asks: "Jacket limits",
  source: "Jacket's own pressure and temperature (product line)",
  inputs: ["jacket pressure and temperature", "product line's jacket"],
  hangsOn: ["line"],
  unraised: noJacket,
  examine: ({ valve, duty, house }) => {
    const { jacketBarG, jacketC } = duty.stated;
    const { jacket } = valve.line;
    if (jacket === null) return notAsked("No jacket to limit; see the offer of one.");
    if (jacketBarG === null) return cannotTell("the jacket's pressure");
    if (jacketC === null) return cannotTell("the jacket's temperature");
    const uses = [
      used("jacket pressure", jacketBarG, "entered", "bar g"),
      used("jacket temperature", jacketC, "entered", "°C"),
      used("jacket up to", jacket.maximumBarG, "catalogue", "bar g"),
      used("jacket up to", jacket.maximumC, "catalogue", "°C"),
    ];
    if (jacketC > jacket.maximumC)
      return plain(
        "fails",
        "Hotter than the jacket may be.",
        {
          value: jacketC,
          limit: jacket.maximumC,
          unit: "°C",
          sense: "≤",
          uses,
          remedy: "A jacket of higher rating, or cooler steam.",
        },
        inHand(kelvinTo(jacketC, jacket.maximumC, "≤", 0), "K"),
      );
    const measured = against(jacketBarG, jacket.maximumBarG, house.pressureMargin / 100);
    return plain(
      measured.verdict,
      measured.verdict === "fails" ? "More pressure than the jacket holds." : "The jacket holds its steam.",
      {
        value: jacketBarG,
        limit: jacket.maximumBarG,
        unit: "bar g",
        sense: "≤",
        uses,
        remedy: measured.verdict === "fails" ? "A jacket of higher rating." : null,
      },
      inHand(measured, "%"),
    );
  },
});
