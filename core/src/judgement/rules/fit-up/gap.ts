import { used } from "../inputs.ts";
import { cannotTell, fits, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Whether the valve fills the gap another leaves. */
export const gap = rule({
  id: "fit-up/gap",
  asks: "Gap in the pipe",
  source: "Face to face of the line against the gap; what is short is made up by a spool between two flanges",
  inputs: ["gap to fill", "face to face", "house rules: shortest spool, what pipe takes up"],
  hangsOn: ["size"],
  examine: ({ valve: { size }, duty: { stated }, house }) => {
    const { gapMm } = stated;
    if (gapMm === null)
      return plain("holds", "No gap to fill is stated: the pipe is made to the valve.", {
        uses: [used("gap to fill", "none", "assumed")],
      });
    if (size.faceToFaceMm === null) return cannotTell("face to face of the valve");
    const taken = (house.gapTolerancePercent / 100) * gapMm;
    const short = gapMm - size.faceToFaceMm;
    const remarks = {
      value: size.faceToFaceMm,
      limit: gapMm,
      unit: "mm" as const,
      uses: [
        used("what pipe takes up", taken, "house rule", "mm"),
        used("shortest spool", house.leastSpoolMm, "house rule", "mm"),
      ],
    };
    if (short > taken && short >= house.leastSpoolMm)
      return plain("tight", "It is shorter than the gap: a makeup spool fills the rest.", {
        ...remarks,
        decides: "with a spool",
        remedy: "A makeup spool as long as the rest, less its gaskets.",
        uses: [...remarks.uses, used("makeup spool", short, "computed", "mm")],
      });
    return fits(
      Math.abs(short) <= taken,
      {
        holds: "It fills the gap.",
        fails:
          short < 0
            ? "It is longer than the gap."
            : "It is shorter than the gap by less than a spool can make up.",
      },
      { ...remarks, remedy: "A line with this face to face, or the pipe cut." },
    );
  },
});
