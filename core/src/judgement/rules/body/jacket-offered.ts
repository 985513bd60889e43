import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { noJacket } from "../raised.ts";
import { rule } from "../rule.ts";

export const jacketOffered = rule({
  id: "body/jacket-offered",
  asks: "Steam jacket",
  source: "The line must be built with a jacket",
  inputs: ["jacket", "product line's jacket"],
  hangsOn: ["line"],
  unraised: noJacket,
  examine: ({ valve }) => {
    const offered = valve.line.jacket !== null;
    return fits(
      offered,
      { holds: "The line is built with a jacket.", fails: "The line has no jacket." },
      {
        value: "wanted",
        limit: offered ? "offered" : "none",
        remedy: "A jacketed line.",
        uses: [used("jacket", offered ? "offered" : "none", "catalogue")],
      },
    );
  },
});
