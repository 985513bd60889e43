import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const strokeKind = rule({
  id: "drive/stroke-kind",
  asks: "Turned as asked",
  source: "Something on the shelf turns the stem the way it moves, by what the duty brings",
  inputs: ["operator", "construction"],
  hangsOn: ["line", "drive.family"],
  examine: ({ valve, drive, duty }) => {
    const { operator } = duty;
    if (drive) {
      const { supply } = kindOf(drive.family);
      if (operator === supply || (operator === "any" && (supply === "pneumatic" || supply === "electric")))
        return plain("holds", "It is turned as asked.", {
          value: supply,
          limit: operator,
          uses: [stated("operator", operator, duty.stated.operator)],
        });
      return plain("fails", "It is turned by something else than asked.", {
        value: supply,
        limit: operator,
        remedy: "A drive as asked, or another operator in the duty.",
        uses: [stated("operator", operator, duty.stated.operator)],
      });
    }
    if (operator === "bare stem") return notAsked("Bare stem: the drive is chosen elsewhere.");
    const { stroke } = valve.construction;
    return plain(
      "fails",
      stroke === "rising stem"
        ? "No such drive on the shelf turns a rising stem."
        : "No such drive stands on the shelf.",
      {
        value: operator,
        limit: stroke,
        remedy: "Another operator, a bare stem, or a drive from the maker.",
        uses: [stated("operator", operator, duty.stated.operator), used("stroke", stroke, "catalogue")],
      },
    );
  },
});
