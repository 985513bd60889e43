import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";
import { worstPressure } from "../worst.ts";

export const blowOutProofStem = rule({
  id: "body/blow-out-proof-stem",
  asks: "Stem cannot blow out",
  source: "The stem is shouldered and put in from inside (ASME B16.34, API 608)",
  inputs: ["pressure", "stem design"],
  hangsOn: ["line"],
  unraised: (duty) => ((worstPressure(duty) ?? 0) <= 0 ? "No pressure is stated." : null),
  examine: ({ valve, duty }) => {
    const pressure = worstPressure(duty)!;
    return fits(
      valve.line.blowOutProofStem,
      {
        holds: "The stem is shouldered inside the body.",
        fails: "With the gland off, pressure may throw the stem out.",
      },
      {
        value: "wanted",
        limit: valve.line.blowOutProofStem ? "shouldered" : "not stated",
        remedy: "A line with the stem put in from inside.",
        uses: [
          used("highest pressure", pressure, "entered", "bar g"),
          used("stem", valve.line.blowOutProofStem ? "put in from inside" : "not stated", "catalogue"),
        ],
      },
    );
  },
});
