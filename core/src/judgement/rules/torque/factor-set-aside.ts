import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const factorSetAside = rule({
  id: "torque/factor-set-aside",
  asks: "Torque factors set aside",
  source: "A torque factor counts until a reason is given for setting it aside (house rule)",
  inputs: ["torque factors set aside", "reason", "house rules: increments"],
  dependsOn: ["size", "cavity", "seat"],
  notApplicableBecause: ({ stated }) =>
    (stated.factorSetAside ?? []).length === 0 ? "No torque factor is set aside." : null,
  examine: ({ demand: { factor }, duty }) => {
    const { factorSetAside: asked, factorSetAsideBecause } = duty.stated;
    const because = factorSetAsideBecause?.trim() ?? "";
    if (because === "") return cannotTell(`reason for setting aside ${asked!.join(", ")}`);
    if (factor.setAside.length === 0) return notAsked("The factors set aside do not apply to this duty.");
    const less = factor.setAside.reduce((sum, { adds }) => sum + adds, 0);
    return plain(
      "tight",
      "The factor used is lower than the factor of the duty. The person who set it aside is responsible.",
      {
        value: factor.setAside.map(({ why }) => why).join(", "),
        limit: because,
        uses: [
          used("factor used", factor.total, "computed"),
          used("factor with nothing set aside", factor.total + less, "computed"),
        ],
      },
    );
  },
});
