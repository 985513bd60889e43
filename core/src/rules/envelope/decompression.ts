import { used } from "../inputs.ts";
import { cannotTell, fits } from "../outcome.ts";
import { rule } from "../rule.ts";
import { flows, worstPressure } from "../worst.ts";

export const decompression = rule({
  id: "envelope/decompression",
  asks: "Rapid gas decompression",
  source: "Gas taken up bursts an elastomer when pressure is let off (NORSOK M-710, ISO 23936; house border)",
  inputs: ["pressure", "phase", "seal set", "house rule: rapid decompression"],
  hangsOn: ["seals"],
  unraised: (duty, house) => {
    const phases = flows(duty);
    const pressure = worstPressure(duty);
    if (pressure === null || phases.length === 0) return null;
    const gassy = phases.some((p) => p === "gas" || p === "dense phase" || p === "two-phase");
    return gassy && pressure >= house.decompressionFromBarG
      ? null
      : "No gas under enough pressure to matter.";
  },
  examine: ({ valve, duty, house }) => {
    const phases = flows(duty);
    const pressure = worstPressure(duty);
    if (pressure === null) return cannotTell("the highest pressure");
    if (phases.length === 0) return cannotTell("the fluid's phase");
    const weak = valve.seals.parts.find((p) => p.material.rapidDecompression === "no");
    const ungraded = valve.seals.parts.find(
      (p) => p.material.rapidDecompression === "grade" && !p.decompressionGrade,
    );
    const part = weak ?? ungraded ?? null;
    return fits(
      part === null,
      {
        holds: "Every seal stands sudden loss of pressure.",
        fails: "An elastomer bursts when pressure is let off.",
      },
      {
        value: pressure,
        limit: house.decompressionFromBarG,
        unit: "bar g",
        sense: "≤",
        decides: part === null ? "graded" : null,
        remedy: weak
          ? "Another elastomer, or a lip seal."
          : "A certified grade of the elastomer, or a lip seal.",
        uses: [
          used("highest pressure", pressure, "entered", "bar g"),
          used("phases", phases.join(", "), "entered"),
          ...(part ? [used(part.part, part.material.name, "catalogue")] : []),
          used("rapid decompression from", house.decompressionFromBarG, "house rule", "bar g"),
        ],
      },
    );
  },
});
