import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { safetyLevel } from "./safety-level.ts";

export const integrityChannels = rule({
  id: "drive/integrity-channels",
  asks: "Hardware fault tolerance",
  source: "IEC 61511-1, table 6: fault tolerance 0 up to SIL 2 in low demand, 1 for SIL 3",
  inputs: ["integrity level"],
  dependsOn: ["drive.onSupplyLoss"],
  notApplicableBecause: (duty) =>
    safetyLevel(duty) === 0 ? "The duty asks for no safety integrity level." : null,
  examine: ({ drive, duty }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const uses = [used("integrity level", duty.stated.integrityLevel!, "entered")];
    return safetyLevel(duty) < 3
      ? plain("holds", "One valve is permitted for this safety integrity level.", { uses })
      : plain("tight", "This safety integrity level needs two valves in series that act independently.", {
          uses,
          remedy: "Add a second valve in series, or document the assessment that one is enough.",
        });
  },
});
