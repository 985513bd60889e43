import { dutySchema } from "@proven-seat/core/duty";
import type { TagContent } from "./content.ts";

/** Faults of a content by path, each with a sentence on what to do. */
export function faultsOf(content: TagContent): Record<string, string> {
  const faults: Record<string, string> = {};
  const number = content.number.trim();
  if (number === "") faults.number = "Enter a tag number.";
  else if (number.length > 40) faults.number = "At most 40 characters.";
  if (content.service.length > 120) faults.service = "At most 120 characters.";
  const parsed = dutySchema.safeParse(content.duty);
  for (const issue of parsed.error?.issues ?? []) faults[issue.path.join(".")] ??= issue.message;
  return faults;
}
