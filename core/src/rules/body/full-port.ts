import { stated, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const fullPort = rule({
  id: "body/full-port",
  asks: "Port",
  source: "Pigs, drains and slurries want the bore of the pipe",
  inputs: ["port", "product line's port"],
  hangsOn: ["line"],
  unraised: (duty) => (duty.port !== "full" ? "A reduced port is accepted." : null),
  examine: ({ valve, duty }) => {
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
