import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Lines that are made no more stay on the shelf, for they are still in the field. */
export const stillMade = rule({
  id: "body/still-made",
  asks: "Product line status",
  source: "Status stated by the maker. A discontinued line may be in stock or already installed",
  inputs: ["product line: discontinued"],
  hangsOn: ["line"],
  examine: ({ valve: { line } }) =>
    fits(
      !line.noLongerMade,
      { holds: "The product line is in production.", fails: "Product line discontinued." },
      {
        uses: [used("line", `${line.maker} ${line.name}`, "catalogue")],
        remedy: "Use the successor. For an installed valve, select it with this as the reason.",
      },
    ),
});
