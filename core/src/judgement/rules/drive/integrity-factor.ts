import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { safetyLevel } from "./safety-level.ts";

export const integrityFactor = rule({
  id: "drive/integrity-factor",
  asks: "Service factor, safety function",
  source: "Service factor of at least 1.5 at the lowest supply (practice, house rules)",
  inputs: ["integrity level", "service factor", "house rule: least service factor, safety functions"],
  dependsOn: ["line", "drive.family"],
  notApplicableBecause: (duty) =>
    safetyLevel(duty) === 0 ? "The duty asks for no safety integrity level." : null,
  examine: ({ drive, demand, duty, house }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const value = demand.factor.total;
    const fails = value < house.integrityFactor;
    return plain(
      fails ? "fails" : "holds",
      fails
        ? "The service factor is below the minimum for a safety function."
        : "The service factor meets the minimum for a safety function.",
      {
        value,
        limit: house.integrityFactor,
        sense: "≥",
        unit: "",
        remedy: fails ? "Raise the service factor in the house rules." : null,
        uses: [used("integrity level", duty.stated.integrityLevel!, "entered")],
      },
    );
  },
});
