import { against, inHand } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { nothingPutOn, putOn } from "./put-on.ts";

export const moment = rule({
  id: "fit-up/moment",
  asks: "Weight on the neck",
  source:
    "Statics of what hangs on the pad; screws open at n·F·PCD/4, of which the house lets a share be used",
  inputs: [
    "weight and outside of the drive, and what stands on it",
    "how the stem stands",
    "house rules: acceleration, share of the grip",
  ],
  hangsOn: ["size", "drive"],
  examine: (judged) => {
    const fitUp = putOn(judged);
    if (!fitUp) return notAsked(nothingPutOn);
    if (fitUp.joint === "on the stem") return notAsked("It sits on the stem.");
    if (fitUp.joint === "not known") return notAsked("It is not known how it goes on.");
    if (fitUp.moment === null) return cannotTell("how large the drive is and where its weight acts");
    const { momentNm, limitNm } = fitUp.moment;
    const measured = against(momentNm, limitNm, 0);
    const heavy = measured.verdict === "fails";
    return plain(
      heavy ? "tight" : measured.verdict,
      heavy
        ? "The drive wants a support of its own: the neck of the valve should not carry it."
        : "The pad carries what hangs on it.",
      {
        value: momentNm,
        limit: limitNm,
        sense: "≤",
        unit: "N·m",
        decides: heavy ? "a support carries it" : null,
        remedy: heavy ? "A support under the drive, or the stem upright." : null,
        uses: () => [
          used("weight of the drive", judged.drive!.weightKg, "catalogue", "kg"),
          used("weight of what stands on it", judged.fittings?.carriedKg ?? 0, "catalogue", "kg"),
          used("weight between", fitUp.betweenKg, "computed", "kg"),
          used("rise over the pad", fitUp.riseMm, "computed", "mm"),
          used(
            "stem",
            judged.duty.stemStands ?? "horizontal, which pulls hardest",
            judged.duty.stemStands === null ? "assumed" : "entered",
          ),
          used("acceleration across the stem, of gravity", judged.house.shockShare, "house rule"),
        ],
      },
      heavy ? null : inHand(measured, "%", false),
    );
  },
});
