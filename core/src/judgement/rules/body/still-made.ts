import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Lines that are made no more stay on the shelf, for they are still in the field. */
export const stillMade = rule({
  id: "body/still-made",
  asks: "Line still made",
  source: "The maker: a line it makes no more is had from stock, or stands already",
  inputs: ["product line: no longer made"],
  hangsOn: ["line"],
  examine: ({ valve: { line } }) =>
    fits(
      !line.noLongerMade,
      { holds: "The line is made.", fails: "The line is made no more." },
      {
        uses: [used("line", `${line.maker} ${line.name}`, "catalogue")],
        remedy: "Its successor; for one that stands already, choose it with that as the reason.",
      },
    ),
});
