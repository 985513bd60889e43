import { hazardsUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const antiStatic = rule({
  id: "body/anti-static",
  asks: "Anti-static continuity",
  source:
    "A ball in polymer seats builds up static charge. Springs must connect ball, stem and body electrically",
  inputs: ["hazards of the fluid", "anti-static device"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) =>
    !duty.hazards.has("flammable") ? "The duty does not state a flammable fluid." : null,
  examine: ({ valve, duty }) => {
    return fits(
      valve.line.antiStatic,
      {
        holds: "Ball and stem are earthed to the body.",
        fails: "Ball and stem are not earthed: a static spark can ignite the fluid.",
      },
      {
        value: "wanted",
        limit: valve.line.antiStatic ? "fitted" : "none",
        remedy: "Use a product line with anti-static springs.",
        uses: [
          hazardsUsed(duty),
          used("anti-static device", valve.line.antiStatic ? "fitted" : "none", "catalogue"),
        ],
      },
    );
  },
});
