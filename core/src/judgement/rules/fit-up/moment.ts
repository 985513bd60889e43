import { against, inMargin } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { mountedOn, nothingPutOn } from "./mounted-on.ts";

export const moment = rule({
  id: "fit-up/moment",
  asks: "Weight on the mounting pad",
  source:
    "Bending moment of the parts on the pad; the joint opens at n·F·PCD/4, with a permitted share by house rule",
  inputs: [
    "weight and dimensions of the actuator and its accessories",
    "orientation of the stem",
    "house rules: acceleration, share of the grip",
  ],
  dependsOn: ["size", "drive"],
  examine: (judged) => {
    const fitUp = mountedOn(judged);
    if (!fitUp) return notAsked(nothingPutOn);
    if (fitUp.joint === "on the stem") return notAsked("The operator sits on the stem.");
    if (fitUp.joint === "not known") return notAsked("The mounting is not known.");
    if (fitUp.moment === null) return cannotTell("actuator dimensions and centre of mass");
    const { momentNm, limitNm } = fitUp.moment;
    const measured = against(momentNm, limitNm, 0);
    const heavy = measured.verdict === "fails";
    return plain(
      heavy ? "tight" : measured.verdict,
      heavy
        ? "The moment exceeds the pad limit: the actuator needs a support of its own."
        : "The pad carries the moment of the actuator.",
      {
        value: momentNm,
        limit: limitNm,
        sense: "≤",
        unit: "N·m",
        decides: heavy ? "carried by a support" : null,
        remedy: heavy ? "Support the actuator, or mount the valve with the stem vertical." : null,
        uses: () => [
          used("actuator weight", judged.drive!.weightKg, "catalogue", "kg"),
          used("weight of the accessories", judged.fittings?.carriedKg ?? 0, "catalogue", "kg"),
          used("weight of bracket and coupling", fitUp.betweenKg, "computed", "kg"),
          used("height of the centre of mass above the pad", fitUp.riseMm, "computed", "mm"),
          used(
            "stem",
            judged.duty.stemStands ?? "horizontal (the worst case)",
            judged.duty.stemStands === null ? "assumed" : "entered",
          ),
          used("acceleration across the stem, in g", judged.house.shockShare, "house rule"),
        ],
      },
      heavy ? null : inMargin(measured, "%", false),
    );
  },
});
