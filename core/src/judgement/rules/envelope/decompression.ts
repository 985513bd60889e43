import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { used } from "../inputs.ts";
import { cannotTell, fits } from "../outcome.ts";
import { rule } from "../rule.ts";
import { flows, worstPressure } from "../worst.ts";

const isGassy = (duty: SettledDuty) =>
  flows(duty).some((p) => p === "gas" || p === "dense phase" || p === "two-phase");

/** A case without a stated phase may be gas. */
const phaseUnknown = ({ cases }: SettledDuty) =>
  cases.length === 0 || cases.some((c) => c.kind !== "fire" && c.phase === null);

export const decompression = rule({
  id: "envelope/decompression",
  asks: "Rapid gas decompression",
  source:
    "Absorbed gas bursts an elastomer when the pressure drops (NORSOK M-710, ISO 23936; limit by house rule)",
  inputs: ["pressure", "phase", "seal set", "house rule: rapid decompression"],
  dependsOn: ["seals"],
  notApplicableBecause: (duty, house) => {
    const pressure = worstPressure(duty);
    if (pressure === null) return null;
    return (isGassy(duty) || phaseUnknown(duty)) && pressure >= house.decompressionFromBarG
      ? null
      : "No gas is above the pressure limit for decompression damage.";
  },
  examine: ({ valve, duty, house }) => {
    const phases = flows(duty);
    const pressure = worstPressure(duty);
    const weak = valve.seals.parts.find((p) => p.material.rapidDecompression === "no");
    const ungraded = valve.seals.parts.find(
      (p) => p.material.rapidDecompression === "grade" && !p.decompressionGrade,
    );
    const part = weak ?? ungraded ?? null;
    // Seals rated for decompression are suitable at any pressure and phase.
    if (part !== null && pressure === null) return cannotTell("highest pressure");
    if (part !== null && !isGassy(duty)) return cannotTell("phase of the fluid");
    return fits(
      part === null,
      {
        holds: "Every seal resists rapid decompression.",
        fails: "An elastomer seal can burst when the pressure drops.",
      },
      {
        value: pressure,
        limit: house.decompressionFromBarG,
        unit: "bar g",
        sense: "≤",
        decides: part === null ? "graded" : null,
        remedy: weak
          ? "Use another elastomer or a lip seal."
          : "Use a certified grade of the elastomer, or a lip seal.",
        uses: [
          ...(pressure === null ? [] : [used("highest pressure", pressure, "entered", "bar g")]),
          ...(phases.length === 0 ? [] : [used("phases", phases.join(", "), "entered")]),
          ...(part ? [used(part.part, part.material.name, "catalogue")] : []),
          used("pressure limit for rapid decompression", house.decompressionFromBarG, "house rule", "bar g"),
        ],
      },
    );
  },
});
