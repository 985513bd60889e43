import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Discontinued lines stay on the shelf, because they are still installed in plants. */
export const stillMade = rule({
  id: "body/still-made",
  asks: "Product line status",
  source: "Status stated by the maker. A discontinued line may be in stock or already installed",
  inputs: ["product line: discontinued"],
  dependsOn: ["line"],
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
