import { used } from "../inputs.ts";
import { memberRule } from "./member-rule.ts";

export const coupling = memberRule({
  id: "fit-up/coupling",
  asks: "Coupling",
  source: "Torsion of socket and end, shear and bearing of keys (DIN 6892 C), house share of the yield",
  inputs: ["end of the stem", "bore of the drive", "house rules: coupling steel"],
  carried: ({ coupling: made }) =>
    made
      ? {
          carriesNm: made.carriesNm,
          uses: [
            used("gives first", made.weakest, made.made ? "catalogue" : "computed"),
            ...(made.made ? [used("in series", `${made.made.maker} ${made.made.item}`, "catalogue")] : []),
            used("outside", made.outsideMm, "computed", "mm"),
            used("length", made.lengthMm, "computed", "mm"),
          ],
        }
      : "No coupling stands between.",
  holds: "The coupling carries the peak.",
  fails: "The coupling yields before the drive gives up.",
  remedy: "A drive with a larger bore, a stronger steel, or a smaller drive.",
});
