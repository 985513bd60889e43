import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { noJacket } from "../raised.ts";
import { rule } from "../rule.ts";

export const jacketOffered = rule({
  id: "body/jacket-offered",
  asks: "Steam jacket",
  source: "The product line must offer a jacket",
  inputs: ["jacket", "product line's jacket"],
  dependsOn: ["line"],
  notApplicableBecause: noJacket,
  examine: ({ valve }) => {
    const offered = valve.line.jacket !== null;
    return fits(
      offered,
      { holds: "The product line offers a jacket.", fails: "The product line offers no jacket." },
      {
        value: "wanted",
        limit: offered ? "offered" : "none",
        remedy: "Use a jacketed product line.",
        uses: [used("jacket", offered ? "offered" : "none", "catalogue")],
      },
    );
  },
});
