import { used } from "../inputs.ts";
import { cannotTell, fits, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** The face-to-face dimension of the valve against the gap in the line. */
export const gap = rule({
  id: "fit-up/gap",
  asks: "Face-to-face length",
  source:
    "Face-to-face length of the valve against the gap; a short valve needs a makeup spool between two flanges",
  inputs: ["gap to fill", "face to face", "house rules: shortest spool, what pipe takes up"],
  dependsOn: ["size"],
  examine: ({ valve: { size }, duty: { stated }, house }) => {
    const { gapMm } = stated;
    if (gapMm === null)
      return plain("holds", "No gap is stated: the pipe is made to fit the valve.", {
        uses: [used("gap to fill", "none", "assumed")],
      });
    if (size.faceToFaceMm === null) return cannotTell("face to face of the valve");
    const allowanceMm = (house.gapTolerancePercent / 100) * gapMm;
    const short = gapMm - size.faceToFaceMm;
    const remarks = {
      value: size.faceToFaceMm,
      limit: gapMm,
      unit: "mm" as const,
      uses: [
        used("adjustment of the pipe", allowanceMm, "house rule", "mm"),
        used("shortest spool", house.leastSpoolMm, "house rule", "mm"),
      ],
    };
    if (short > allowanceMm && short >= house.leastSpoolMm)
      return plain("tight", "The valve is shorter than the gap. A makeup spool fills the difference.", {
        ...remarks,
        decides: "with a spool",
        remedy: "Add a makeup spool of the remaining length minus its gaskets.",
        uses: [...remarks.uses, used("makeup spool", short, "computed", "mm")],
      });
    return fits(
      Math.abs(short) <= allowanceMm,
      {
        holds: "The face-to-face length fills the gap.",
        fails:
          short < 0
            ? "The valve is longer than the gap."
            : "The valve is shorter than the gap by less than the shortest makeup spool.",
      },
      { ...remarks, remedy: "Use a product line with this face-to-face length, or cut the pipe." },
    );
  },
});
