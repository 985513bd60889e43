import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { safetyLevel } from "./safety-level.ts";

export const integrityAction = rule({
  id: "drive/integrity-action",
  asks: "Safe by itself",
  source: "IEC 61511-1, clause 11: a safety function goes to its safe state when its supply is lost",
  inputs: ["integrity level", "drive's action"],
  hangsOn: ["drive.onSupplyLoss"],
  unraised: (duty) => (safetyLevel(duty) === 0 ? "No integrity level is asked for." : null),
  examine: ({ drive, duty }) => {
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const moves = drive.onSupplyLoss !== "stays";
    return plain(
      moves ? "holds" : "fails",
      moves
        ? "It goes to its safe end when the supply is lost."
        : "It stays where it is when the supply is lost.",
      {
        value: drive.onSupplyLoss,
        limit: "closes or opens",
        remedy: moves ? null : "A spring-return drive.",
        uses: [used("integrity level", duty.stated.integrityLevel!, "entered")],
      },
    );
  },
});
