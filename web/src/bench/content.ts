import type { Choice, Tag } from "@proven-seat/contract";
import type { Duty } from "@proven-seat/core/duty";

/** Content of a tag that a user edits. */
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
