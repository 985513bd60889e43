import { stated, used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const fullPort = rule({
  id: "body/full-port",
  asks: "Port",
  source: "Pigs, drains and slurries want the bore of the pipe",
  inputs: ["port", "product line's port"],
  hangsOn: "line",
  examine: ({ valve, duty }) => {
    if (duty.port !== "full") return notAsked("A reduced port is accepted.");
    return fits(
      valve.line.port === "full",
      { holds: "The bore is full.", fails: "The bore is narrower than the pipe or something stands in it." },
      {
        value: "full",
        limit: valve.line.port,
        remedy: "A full-bore line.",
        uses: [
          stated("port", duty.port, duty.stated.port),
          used("port offered", valve.line.port, "catalogue"),
        ],
      },
    );
  },
});
