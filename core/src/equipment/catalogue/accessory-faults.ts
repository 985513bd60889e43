import { padOf } from "../../basis/reference/pads.ts";
import type { AccessoryFamily } from "../accessories/kinds.ts";
import type { FaultInFile } from "./fault.ts";

/**
 * Contradictions of a family of accessories with the reference tables or within itself.
 *
 * @param family a family of the right shape
 * @returns faults with row and field, one by one
 * @source ISO 5211 flanges
 */
export function* accessoryFaults(family: AccessoryFamily): Generator<FaultInFile> {
  const seen = new Set<string>();
  for (const [i, item] of family.items.entries()) {
    if (seen.has(item.id))
      yield { row: i + 1, field: `items.${i}.id`, reason: `"${item.id}" occurs twice in this family` };
    seen.add(item.id);
  }
  if (family.kind !== "bracket") return;
  for (const [i, item] of family.items.entries()) {
    for (const field of ["lowerFlange", "upperFlange"] as const)
      if (!padOf(item[field]))
        yield {
          row: i + 1,
          field: `items.${i}.${field}`,
          reason: `"${item[field]}" is not an ISO 5211 flange`,
        };
    if (item.heightMm <= 2 * item.plateMm)
      yield {
        row: i + 1,
        field: `items.${i}.heightMm`,
        reason: "its two plates are higher than the bracket",
      };
  }
}
