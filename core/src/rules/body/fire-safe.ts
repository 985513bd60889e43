import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const fireSafe = rule({
  id: "body/fire-safe",
  asks: "Fire-safe",
  source: "Fire type test (ISO 10497 / API 607) stated by the product line",
  inputs: ["fire-safe", "fire case", "product line's fire test", "seat"],
  hangsOn: "line",
  examine: ({ valve, duty }) => {
    const asked = duty.fireSafe || duty.cases.some((c) => c.kind === "fire");
    if (!asked) return notAsked("Fire-safe is not asked for.");
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
