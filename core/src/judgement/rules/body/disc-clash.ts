import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const discClash = rule({
  id: "body/disc-clash",
  asks: "Disc clearance in the pipe",
  source: "Chord of the open disc at the end of the body",
  inputs: ["pipe bore", "disc and body dimensions", "house rule: disc to pipe clearance"],
  dependsOn: ["size"],
  examine: ({ valve, duty, house }) => {
    if (valve.construction.closure !== "disc") return notAsked("The valve has no disc.");
    const bore = duty.stated.pipeBoreMm;
    const { closureDiameterMm, offsetsMm } = valve.size.geometry;
    const width = valve.size.faceToFaceMm;
    if (width === null) return cannotTell("body width");
    // The shaft is off the middle, so the disc reaches farther out of one face.
    const toFace = Math.max(0, width / 2 - (offsetsMm?.[0] ?? 0));
    const chord = 2 * Math.sqrt(Math.max(0, (closureDiameterMm / 2) ** 2 - toFace ** 2));
    const uses = [
      used("disc", closureDiameterMm, "catalogue", "mm"),
      used("chord outside the body", chord, "computed", "mm"),
      used("clearance required on each side", house.discClearanceMm, "house rule", "mm"),
    ];
    if (chord === 0) return plain("holds", "The disc stays inside the body.", { uses });
    if (bore === null) return cannotTell("pipe bore including lining", { uses, value: chord, unit: "mm" });
    const seen = {
      value: chord,
      limit: bore,
      unit: "mm" as const,
      sense: "≤" as const,
      uses: [...uses, used("pipe bore", bore, "entered", "mm")],
    };
    if (chord > bore)
      return plain("fails", "The disc hits the pipe and cannot open.", {
        ...seen,
        remedy: "Use a spacer, a pipe with a thinner wall, or a ball valve.",
      });
    return chord + 2 * house.discClearanceMm > bore
      ? plain("tight", "The clearance between disc and pipe is below the house rule.", seen)
      : plain("holds", "The disc clears the pipe.", seen);
  },
});
