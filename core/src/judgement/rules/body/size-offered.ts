import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const sizeOffered = rule({
  id: "body/size-offered",
  asks: "Size offered",
  source: "Product line's size table",
  inputs: ["size", "product line's sizes"],
  dependsOn: ["size"],
  examine: ({ valve, duty }) => {
    const asked = duty.stated.dn!;
    const offered = valve.size.dn;
    const numbers = { value: asked, limit: offered, unit: "DN" as const, sense: "is" as const };
    const uses = [
      { what: "size required", value: asked, unit: "DN" as const, origin: "entered" as const },
      { what: "nearest offered", value: offered, unit: "DN" as const, origin: "catalogue" as const },
    ];
    if (asked === offered) return plain("holds", "The product line offers this size.", { ...numbers, uses });
    return plain(
      "fails",
      "The product line does not offer this size in this class. The nearest size is shown.",
      {
        ...numbers,
        uses,
        remedy: "Use another product line.",
      },
    );
  },
});
