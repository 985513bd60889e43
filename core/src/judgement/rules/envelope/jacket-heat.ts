import { inMargin, kelvinTo } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const jacketHeat = rule({
  id: "envelope/jacket-heat",
  asks: "Jacket heat at seat and seals",
  source: "All parts inside a jacket reach the jacket temperature",
  inputs: ["jacket temperature", "seat"],
  dependsOn: ["seat"],
  notApplicableBecause: (duty) => (duty.stated.jacketC === null ? "The valve has no jacket." : null),
  examine: ({ valve, duty, house }) => {
    const heat = duty.stated.jacketC!;
    if (valve.line.jacket === null) return notAsked("The valve has no jacket.");
    const seat = valve.seat.material;
    const measured = kelvinTo(heat, seat.continuousMaximumC, "≤", house.temperatureMarginC);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The jacket temperature exceeds the continuous maximum of the seat."
        : measured.verdict === "tight"
          ? "The jacket temperature is close to the continuous maximum of the seat."
          : "The jacket temperature is below the continuous maximum of the seat.",
      {
        value: heat,
        limit: seat.continuousMaximumC,
        unit: "°C",
        sense: "≤",
        remedy:
          measured.verdict === "fails"
            ? "Use cooler steam, or a seat with a higher continuous maximum."
            : null,
        uses: [
          used("jacket temperature", heat, "entered", "°C"),
          used(`continuous maximum of ${seat.name}`, seat.continuousMaximumC, "reference", "°C"),
        ],
      },
      inMargin(measured, "K"),
    );
  },
});
