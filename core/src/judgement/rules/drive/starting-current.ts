import { against, inHand } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { motorOf } from "./motor.ts";

export const startingCurrent = rule({
  id: "drive/starting-current",
  asks: "Starting current",
  source: "The maker's current at the first moment against what the board gives",
  inputs: ["starting current there is", "drive's starting current"],
  hangsOn: ["drive"],
  unraised: ({ stated }) =>
    stated.startingCurrentA === null ? "What current there is to start with is not stated." : null,
  examine: ({ drive, duty }) => {
    const family = motorOf(drive);
    if (family === null) return notAsked("No motor.");
    const size = family.sizes.find(({ id }) => id === drive!.sizeId) as {
      readonly startingCurrentA?: number | null;
    };
    const value = size.startingCurrentA ?? null;
    if (value === null) return cannotTell("the current the motor draws when it starts");
    const limit = duty.stated.startingCurrentA!;
    const measured = against(value, limit, 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails ? "It draws more to start than there is." : "There is enough to start it.",
      {
        value,
        limit,
        sense: "≤",
        unit: "A",
        uses: [used("there is, to start with", limit, "entered", "A")],
        remedy: fails ? "A soft starter, a heavier cable, or a smaller motor on a gearbox." : null,
      },
      inHand(measured, "%", false),
    );
  },
});
