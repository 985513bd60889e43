import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";
import { worstPressure } from "../worst.ts";

export const blowOutProofStem = rule({
  id: "body/blow-out-proof-stem",
  asks: "Blow-out-proof stem",
  source: "The stem must have a shoulder and be fitted from inside the body (ASME B16.34, API 608)",
  inputs: ["pressure", "stem design"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) => ((worstPressure(duty) ?? 0) <= 0 ? "No pressure is stated." : null),
  examine: ({ valve, duty }) => {
    const pressure = worstPressure(duty)!;
    return fits(
      valve.line.blowOutProofStem,
      {
        holds: "The stem has a shoulder inside the body.",
        fails: "With the gland removed, pressure can eject the stem and kill.",
      },
      {
        value: "wanted",
        limit: valve.line.blowOutProofStem ? "shouldered" : "not stated",
        remedy: "Use a product line with the stem fitted from inside.",
        uses: [
          used("highest pressure", pressure, "entered", "bar g"),
          used("stem", valve.line.blowOutProofStem ? "fitted from inside" : "not stated", "catalogue"),
        ],
      },
    );
  },
});
