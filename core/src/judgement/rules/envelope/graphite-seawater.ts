import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const graphiteSeawater = rule({
  id: "envelope/graphite-seawater",
  asks: "Graphite in seawater",
  source: "Graphite drives pitting of stainless stems in salt water (practice)",
  inputs: ["service family", "seal set"],
  hangsOn: ["seals"],
  tight: "mild",
  unraised: (duty) => (duty.stated.fluid.family !== "seawater and brine" ? "No salt water." : null),
  examine: ({ valve }) => {
    const graphite = valve.seals.parts.find((p) => p.material.id === "graphite-packing");
    return fits(
      graphite === undefined,
      {
        holds: "No graphite against the stem.",
        fails: "Graphite against a stainless stem pits it in salt water.",
      },
      {
        value: "salt water",
        limit: graphite?.material.name ?? "no graphite",
        remedy: "PTFE packing, or a stem of nickel alloy.",
        uses: [
          used("service family", "seawater and brine", "entered"),
          used("packing", graphite?.material.name ?? "no graphite", "catalogue"),
        ],
      },
      "tight",
    );
  },
});
