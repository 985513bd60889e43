import { hazardsUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const antiStatic = rule({
  id: "body/anti-static",
  asks: "Anti-static continuity",
  source: "A ball in polymer seats charges up; a spring must bridge ball, stem and body",
  inputs: ["hazards of the fluid", "anti-static device"],
  hangsOn: ["line"],
  unraised: (duty) => (!duty.hazards.has("flammable") ? "The fluid is not stated to burn." : null),
  examine: ({ valve, duty }) => {
    return fits(
      valve.line.antiStatic,
      {
        holds: "Ball and stem are earthed to the body.",
        fails: "Nothing earths ball and stem: a spark may light the fluid.",
      },
      {
        value: "wanted",
        limit: valve.line.antiStatic ? "fitted" : "none",
        remedy: "A line with anti-static springs.",
        uses: [
          hazardsUsed(duty),
          used("anti-static device", valve.line.antiStatic ? "fitted" : "none", "catalogue"),
        ],
      },
    );
  },
});
