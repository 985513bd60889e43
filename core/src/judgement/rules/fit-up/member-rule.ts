import type { FitUp } from "../../../mechanics/fit-up/fit-up.ts";
import { against, inMargin } from "../compare.ts";
import { used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import type { Remarks } from "../outcome-kinds.ts";
import { type Rule, rule } from "../rule.ts";
import { mountedOn, nothingPutOn } from "./mounted-on.ts";

interface Carried {
  readonly carriesNm: number;
  readonly uses: NonNullable<Remarks["uses"]>;
}

/**
 * A rule that compares the capacity of a part between actuator and valve with the actuator's peak torque.
 *
 * @param definition id, question, source, inputs, the part, and its sentences
 * @returns the rule
 */
export const memberRule = (definition: {
  readonly id: `fit-up/${string}`;
  readonly asks: string;
  readonly source: string;
  readonly inputs: readonly string[];
  /** Capacity of the part; the reason for *not asked* where there is no such part. */
  readonly carried: (fitUp: FitUp) => Carried | string;
  readonly holds: string;
  readonly fails: string;
  readonly remedy: string;
}): Rule =>
  rule({
    id: definition.id,
    asks: definition.asks,
    source: definition.source,
    inputs: ["actuator output", ...definition.inputs],
    dependsOn: ["size", "drive"],
    examine: (judged) => {
      const fitUp = mountedOn(judged);
      if (!fitUp) return notAsked(nothingPutOn);
      const carried = definition.carried(fitUp);
      if (typeof carried === "string") return notAsked(carried);
      const { peakNm } = judged.supplied!;
      const measured = against(peakNm, carried.carriesNm, 0);
      const fails = measured.verdict === "fails";
      return plain(
        measured.verdict,
        fails ? definition.fails : definition.holds,
        {
          value: peakNm,
          limit: carried.carriesNm,
          sense: "≤",
          unit: "N·m",
          remedy: fails ? definition.remedy : null,
          uses: () => [
            used("peak output at highest supply", peakNm, "computed", "N·m"),
            ...(typeof carried.uses === "function" ? carried.uses() : carried.uses),
          ],
        },
        inMargin(measured, "%", false),
      );
    },
  });
