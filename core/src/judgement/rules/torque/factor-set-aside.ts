import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const factorSetAside = rule({
  id: "torque/factor-set-aside",
  asks: "Reasons set aside",
  source: "A reason for more torque counts until somebody says why it does not (house convention)",
  inputs: ["reasons of the factor set aside", "reason", "house rules: increments"],
  hangsOn: ["size", "cavity", "seat"],
  unraised: ({ stated }) =>
    (stated.factorSetAside ?? []).length === 0 ? "No reason of the factor is set aside." : null,
  examine: ({ demand: { factor }, duty }) => {
    const { factorSetAside: asked, factorSetAsideBecause } = duty.stated;
    const because = factorSetAsideBecause?.trim() ?? "";
    if (because === "") return cannotTell(`why ${asked!.join(", ")} is set aside`);
    if (factor.setAside.length === 0) return notAsked("What is set aside does not apply.");
    const less = factor.setAside.reduce((sum, { adds }) => sum + adds, 0);
    return plain(
      "tight",
      "Less torque is asked than the duty gives reason for: whoever set it aside answers for it.",
      {
        value: factor.setAside.map(({ why }) => why).join(", "),
        limit: because,
        uses: [
          used("factor asked", factor.total, "computed"),
          used("factor without setting aside", factor.total + less, "computed"),
        ],
      },
    );
  },
});
