import { inHand, kelvinTo } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const jacketHeat = rule({
  id: "envelope/jacket-heat",
  asks: "Jacket heats seat and seals",
  source: "Everything inside a jacket comes to its temperature",
  inputs: ["jacket temperature", "seat"],
  hangsOn: ["seat"],
  unraised: (duty) => (duty.stated.jacketC === null ? "No jacket." : null),
  examine: ({ valve, duty, house }) => {
    const heat = duty.stated.jacketC!;
    if (valve.line.jacket === null) return notAsked("No jacket.");
    const seat = valve.seat.material;
    const measured = kelvinTo(heat, seat.continuousMaximumC, "≤", house.temperatureMarginC);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "The jacket is hotter than the seat may be for long."
        : measured.verdict === "tight"
          ? "The jacket brings the seat close to its limit."
          : "The seat stands the jacket's heat.",
      {
        value: heat,
        limit: seat.continuousMaximumC,
        unit: "°C",
        sense: "≤",
        remedy: measured.verdict === "fails" ? "Cooler steam or a hotter seat." : null,
        uses: [
          used("jacket temperature", heat, "entered", "°C"),
          used(`continuous maximum of ${seat.name}`, seat.continuousMaximumC, "reference", "°C"),
        ],
      },
      inHand(measured, "K"),
    );
  },
});
