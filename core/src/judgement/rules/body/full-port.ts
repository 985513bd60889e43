import { stated, used } from "../inputs.ts";
import { fits, notAsked } from "../outcome.ts";
import { rule } from "../rule.ts";

export const fullPort = rule({
  id: "body/full-port",
  asks: "Port",
  source:
    "Pigs, drains and slurries want the bore of the pipe; a bore two sizes smaller is taken where somebody accepts it",
  inputs: ["port", "product line's port"],
  hangsOn: ["line"],
  unraised: (duty) => (duty.port === "double-reduced accepted" ? "A double-reduced port is accepted." : null),
  examine: ({ valve, duty }) => {
    const full = duty.port === "full";
    const double = valve.line.port === "double-reduced";
    if (!full && !double) return notAsked("A reduced port is accepted.");
    return fits(
      full && valve.line.port === "full",
      {
        holds: "The bore is full.",
        fails: full
          ? "The bore is narrower than the pipe or something stands in it."
          : "The bore is two sizes narrower than the pipe, and one is accepted.",
      },
      {
        value: full ? "full" : "reduced",
        limit: valve.line.port,
        remedy: full
          ? "A full-bore line."
          : "A line with a full or a reduced bore, or accept the double-reduced one.",
        uses: [
          stated("port", duty.port, duty.stated.port),
          used("port offered", valve.line.port, "catalogue"),
        ],
      },
    );
  },
});
