import type { Choice, Tag } from "@proven-seat/contract";
import { type Duty, dutySchema } from "@proven-seat/core/duty";

/** What a person edits of a tag. */
export interface TagContent {
  readonly number: string;
  readonly service: string;
  readonly unit: string;
  readonly duty: Duty;
  readonly choice: Choice | null;
}

export const contentOf = ({ number, service, unit, duty, choice }: Tag): TagContent => ({
  number,
  service,
  unit,
  duty,
  choice,
});

/** Faults of a content by path, each with a sentence that says what to do. */
export function faultsOf(content: TagContent): Record<string, string> {
  const faults: Record<string, string> = {};
  const number = content.number.trim();
  if (number === "") faults.number = "A tag needs a number.";
  else if (number.length > 40) faults.number = "At most 40 characters.";
  if (content.service.length > 120) faults.service = "At most 120 characters.";
  const parsed = dutySchema.safeParse(content.duty);
  for (const issue of parsed.error?.issues ?? []) faults[issue.path.join(".")] ??= issue.message;
  return faults;
}
