import type { FitUp } from "../../../mechanics/fit-up/fit-up.ts";
import { against, inHand } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import type { Remarks } from "../outcome-kinds.ts";
import { type Rule, rule } from "../rule.ts";
import { nothingPutOn, putOn } from "./put-on.ts";

interface Carried {
  readonly carriesNm: number;
  readonly uses: NonNullable<Remarks["uses"]>;
}

/**
 * A rule that sets what a part between drive and valve carries against the drive's peak.
 *
 * @param of id, question, source, what is looked at, the part, and its sentences
 * @returns the rule
 */
export const memberRule = (of: {
  readonly id: `fit-up/${string}`;
  readonly asks: string;
  readonly source: string;
  readonly inputs: readonly string[];
  /** What the part carries; why it is not asked where there is no such part. */
  readonly carried: (fitUp: FitUp) => Carried | string;
  readonly holds: string;
  readonly fails: string;
  readonly remedy: string;
}): Rule =>
  rule({
    id: of.id,
    asks: of.asks,
    source: of.source,
    inputs: ["actuator output", ...of.inputs],
    hangsOn: ["size", "drive"],
    examine: (judged) => {
      const fitUp = putOn(judged);
      if (!fitUp) return notAsked(nothingPutOn);
      const carried = of.carried(fitUp);
      if (typeof carried === "string") return notAsked(carried);
      const { peakNm } = judged.supplied!;
      const measured = against(peakNm, carried.carriesNm, 0);
      const fails = measured.verdict === "fails";
      return plain(
        measured.verdict,
        fails ? of.fails : of.holds,
        {
          value: peakNm,
          limit: carried.carriesNm,
          sense: "≤",
          unit: "N·m",
          remedy: fails ? of.remedy : null,
          uses: () => [
            used("peak output at highest supply", peakNm, "computed", "N·m"),
            ...(typeof carried.uses === "function" ? carried.uses() : carried.uses),
          ],
        },
        inHand(measured, "%", false),
      );
    },
  });
