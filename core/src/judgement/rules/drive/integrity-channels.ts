import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { safetyLevel } from "./safety-level.ts";

export const integrityChannels = rule({
  id: "drive/integrity-channels",
  asks: "One valve or two",
  source: "IEC 61511-1, table 6: fault tolerance 0 up to SIL 2 in low demand, 1 for SIL 3",
  inputs: ["integrity level"],
  hangsOn: ["drive.onSupplyLoss"],
  unraised: (duty) => (safetyLevel(duty) === 0 ? "No integrity level is asked for." : null),
  examine: ({ drive, duty }) => {
    if (!drive) return notAsked("Bare stem: the drive is chosen elsewhere.");
    const uses = [used("integrity level", duty.stated.integrityLevel!, "entered")];
    return safetyLevel(duty) < 3
      ? plain("holds", "One valve may carry the function.", { uses })
      : plain("tight", "This level asks for two valves in line, each able to act alone.", {
          uses,
          remedy: "A second valve in line, or the assessment that one is enough.",
        });
  },
});
