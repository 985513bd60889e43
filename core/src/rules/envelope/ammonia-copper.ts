import { metalLimits } from "../../reference/metals.ts";
import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";
import { trimMetals } from "./wetted.ts";

export const ammoniaCopper = rule({
  id: "envelope/ammonia-copper",
  asks: "Copper in ammonia",
  source: "Copper alloys crack in ammonia",
  inputs: ["service family", "trim"],
  hangsOn: ["trim"],
  unraised: (duty) => (duty.stated.fluid.family !== "ammonia" ? "No ammonia." : null),
  examine: ({ valve }) => {
    const copper = trimMetals(valve).find((p) => p.metal !== null && metalLimits(p.metal)?.copperAlloy);
    return fits(
      copper === undefined,
      { holds: "No copper alloy meets the ammonia.", fails: "A copper alloy meets the ammonia and cracks." },
      {
        value: copper?.metal ?? "none",
        limit: "no copper alloy",
        remedy: "Steel trim.",
        uses: [used("service family", "ammonia", "entered"), used("trim", valve.trim.name, "catalogue")],
      },
    );
  },
});
