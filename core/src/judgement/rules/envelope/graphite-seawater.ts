import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const graphiteSeawater = rule({
  id: "envelope/graphite-seawater",
  asks: "Graphite in seawater",
  source: "Graphite causes pitting of stainless steel stems in salt water (practice)",
  inputs: ["service family", "seal set"],
  dependsOn: ["seals"],
  tight: "mild",
  notApplicableBecause: (duty) =>
    !duty.families.has("seawater and brine") ? "The fluid is not salt water." : null,
  examine: ({ valve }) => {
    const graphite = valve.seals.parts.find((p) => p.material.id === "graphite-packing");
    return fits(
      graphite === undefined,
      {
        holds: "No graphite touches the stem.",
        fails: "Graphite on a stainless steel stem causes pitting in salt water.",
      },
      {
        value: "salt water",
        limit: graphite?.material.name ?? "no graphite",
        remedy: "Use PTFE packing, or a stem of nickel alloy.",
        uses: [
          used("service family", "seawater and brine", "entered"),
          used("packing", graphite?.material.name ?? "no graphite", "catalogue"),
        ],
      },
      "tight",
    );
  },
});
