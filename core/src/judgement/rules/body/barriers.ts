import { functionUsed, used } from "../inputs.ts";
import { fits, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const barriers = rule({
  id: "body/barriers",
  asks: "Block and bleed",
  source: "Both seats must hold at the same time while the cavity is bled (API 6D)",
  inputs: ["function", "cavity arrangement", "vent and drain"],
  dependsOn: ["line", "cavity"],
  notApplicableBecause: (duty) =>
    !duty.function.has("double block and bleed") ? "The duty does not ask for block and bleed." : null,
  examine: ({ valve, duty }) => {
    const { cavity, line } = valve;
    const uses = [
      functionUsed(duty),
      used("cavity arrangement", cavity.name, "catalogue"),
      used("vent and drain", line.ventAndDrain ? "fitted" : "none", "catalogue"),
    ];
    const seen = { value: "each seat holds its own side", limit: cavity.blockAndBleed ? "yes" : "no", uses };
    if (!cavity.blockAndBleed)
      return plain("fails", "Only one seat holds at a time, so the cavity cannot be bled in service.", {
        ...seen,
        remedy: "Use a trunnion-mounted ball with two spring-loaded seats.",
      });
    return fits(
      line.ventAndDrain,
      {
        holds: "Both seats hold line pressure while the cavity is bled.",
        fails: "Both seats hold, but the body has no fitting to bleed the cavity.",
      },
      { ...seen, remedy: "Use a product line with vent and drain fittings." },
    );
  },
});
