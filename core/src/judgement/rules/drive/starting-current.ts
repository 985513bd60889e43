import { against, inMargin } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { motorOf } from "./motor.ts";

export const startingCurrent = rule({
  id: "drive/starting-current",
  asks: "Starting current",
  source: "Starting current stated by the maker against the available starting current",
  inputs: ["available starting current", "starting current of the motor"],
  dependsOn: ["drive"],
  notApplicableBecause: ({ stated }) =>
    stated.startingCurrentA === null ? "The available starting current is not stated." : null,
  examine: ({ drive, duty }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("The actuator has no electric motor.");
    const size = family.sizes.find(({ id }) => id === drive!.sizeId) as {
      readonly startingCurrentA?: number | null;
    };
    const value = size.startingCurrentA ?? null;
    if (value === null) return cannotTell("starting current of the motor");
    const limit = duty.stated.startingCurrentA!;
    const measured = against(value, limit, 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails
        ? "The starting current exceeds the available current."
        : "The available current covers the starting current.",
      {
        value,
        limit,
        sense: "≤",
        unit: "A",
        uses: [used("available starting current", limit, "entered", "A")],
        remedy: fails ? "Use a soft starter, a heavier cable, or a smaller motor on a gearbox." : null,
      },
      inMargin(measured, "%", false),
    );
  },
});
