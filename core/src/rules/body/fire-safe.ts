import { plain } from "../outcome.ts";
import { noFire } from "../raised.ts";
import { rule } from "../rule.ts";

export const fireSafe = rule({
  id: "body/fire-safe",
  asks: "Fire-safe",
  source: "Fire type test (ISO 10497 / API 607) stated by the product line",
  inputs: ["fire-safe", "fire case", "product line's fire test", "seat"],
  hangsOn: ["line"],
  unraised: noFire,
  examine: ({ valve }) => {
    const tested = valve.line.fireSafe;
    return plain(
      tested ? "holds" : "fails",
      tested ? "The line states a fire type test." : "No fire type test is stated for the line.",
      {
        value: "wanted",
        limit: tested ? "tested" : "not tested",
        remedy: tested ? null : "A fire-tested product line.",
        uses: [{ what: "fire type test", value: tested ? "stated" : "none", unit: "", origin: "catalogue" }],
      },
    );
  },
});
