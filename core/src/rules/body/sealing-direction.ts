import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const sealingDirection = rule({
  id: "body/sealing-direction",
  asks: "Seals from the side asked",
  source: "Product line's sealing direction",
  inputs: ["flow direction", "product line's sealing direction"],
  hangsOn: "size, seat and drive",
  sharedBy: ({ valve }) => valve.line.id,
  examine: ({ valve, duty }) => {
    const uses = [
      {
        what: "pressure from",
        value: duty.flowDirection,
        unit: "" as const,
        origin: duty.stated.flowDirection === null ? ("assumed" as const) : ("entered" as const),
      },
      { what: "valve seals", value: valve.line.sealing, unit: "" as const, origin: "catalogue" as const },
    ];
    const numbers = { value: duty.flowDirection, limit: valve.line.sealing, uses };
    if (valve.line.sealing === "both ways") return plain("holds", "Seals from either side.", numbers);
    if (duty.flowDirection === "both ways") {
      return plain("fails", "Seals fully from one side only.", {
        ...numbers,
        remedy: "A valve that seals both ways, or one flow direction.",
      });
    }
    return plain("tight", "Seals from one side only: the arrow must point with the flow.", numbers);
  },
});
